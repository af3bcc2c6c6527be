import { CURRENCY_IDS, type CurrencyId, isOwnCurrency } from "../quantity";
import { done, failed, type Result } from "../result";

/**
 * Every switch of the house rules and what it can be set to.
 * A new switch is a row here, its words in `wording/houseWords.ts`, and whatever obeys it.
 */
export const SWITCHES = {
  decimalMark: ["point", "comma"],
  grouping: ["none", "space", "mark"],
  emptyPlaces: ["fillers", "gaps"],
  copying: ["trusted", "tickedOff"],
  addendOrder: ["asGiven", "longestFirst"],
  pointTime: ["first", "whenReached"],
  timesSign: ["cross", "dot"],
  divideSign: ["obelus", "colon"],
  addition: ["column", "expanded"],
  subtraction: ["decomposition", "equalAdditions", "makingUp", "expanded", "countingUp"],
  multiplication: ["column", "inLine", "lattice", "area"],
  division: ["long", "short", "chunks"],
  chunks: ["byPlace", "doubles"],
  shiftBy: ["digitsMove", "pointHops"],
  openingZeros: ["written", "leftOpen"],
  zeroRows: ["skipped", "written"],
  divisionLayout: ["bracket", "corner"],
  divisionEnding: ["exact", "remainder", "mixed", "twoPlaces"],
  recurringMark: ["bar", "dots"],
  carryPlace: ["above", "below", "unwritten"],
  borrowAcrossZeros: ["inOneGo", "placeByPlace"],
  trailingZeros: ["kept", "dropped"],
  narration: ["placeValue", "short"],
  onesTerm: ["ones", "units"],
  carryTerm: ["carry", "regroup", "exchange"],
  borrowTerm: ["borrow", "regroup", "exchange"],
  numberNames: ["byPlaces", "byDigits"],
  commonDenominator: ["multiples", "factors", "product"],
  mixedNumbers: ["improper", "apart"],
  cancelling: ["before", "after"],
  simplifying: ["atOnce", "smallSteps"],
  fractionDivision: ["turnOver", "likeParts"],
  fractionAnswers: ["mixed", "improper"],
  fractionPictures: ["bars", "circles", "line"],
  signedBy: ["signRule", "numberLine", "counters"],
  termOrder: ["leftToRight", "gathered"],
  unitWork: ["columns", "smallestUnit"],
  unitRegrouping: ["atEnd", "asYouGo"],
  metricColumns: ["byUnit", "padded"],
  metricSpelling: ["litre", "liter"],
  currency: CURRENCY_IDS,
  changeBy: ["countedUp", "subtracted"],
  severalOfSame: ["multiplied", "added"],
  estimateFirst: ["offered", "required", "off"],
  estimateRounding: ["asFits", "ones", "leadingDigit", "friendly"],
  learnerCarries: ["free", "required"],
} as const;

export type SwitchName = keyof typeof SWITCHES;

/** The notation and the choices between schools, as one value: one setting for every switch. */
export type HouseRules = {
  readonly [Name in SwitchName]: Name extends "currency" ? CurrencyId : (typeof SWITCHES)[Name][number];
};

export const SWITCH_NAMES = Object.keys(SWITCHES) as readonly SwitchName[];

export const PRESET_NAMES = ["fillersTrueValue", "gapsShort", "commaBelow", "exchangeByPlaces"] as const;

export type PresetName = (typeof PRESET_NAMES)[number];

/** The first preset; the others are told by what they do otherwise. */
const FILLERS_TRUE_VALUE: HouseRules = {
  decimalMark: "point",
  grouping: "none",
  emptyPlaces: "fillers",
  copying: "trusted",
  addendOrder: "asGiven",
  pointTime: "whenReached",
  timesSign: "cross",
  divideSign: "obelus",
  addition: "column",
  subtraction: "decomposition",
  multiplication: "column",
  division: "long",
  chunks: "byPlace",
  shiftBy: "digitsMove",
  openingZeros: "written",
  zeroRows: "skipped",
  divisionLayout: "bracket",
  divisionEnding: "exact",
  recurringMark: "bar",
  carryPlace: "above",
  borrowAcrossZeros: "inOneGo",
  trailingZeros: "dropped",
  narration: "placeValue",
  onesTerm: "ones",
  carryTerm: "carry",
  borrowTerm: "borrow",
  numberNames: "byPlaces",
  commonDenominator: "multiples",
  mixedNumbers: "improper",
  cancelling: "before",
  simplifying: "atOnce",
  fractionDivision: "turnOver",
  fractionAnswers: "mixed",
  fractionPictures: "bars",
  signedBy: "signRule",
  termOrder: "leftToRight",
  unitWork: "columns",
  unitRegrouping: "atEnd",
  metricColumns: "byUnit",
  metricSpelling: "liter",
  currency: "USD",
  changeBy: "countedUp",
  severalOfSame: "multiplied",
  estimateFirst: "offered",
  estimateRounding: "asFits",
  learnerCarries: "free",
};

/** House rules that belong together, to start from. Named by how the page looks. */
export const PRESETS: Readonly<Record<PresetName, HouseRules>> = {
  fillersTrueValue: FILLERS_TRUE_VALUE,
  gapsShort: {
    ...FILLERS_TRUE_VALUE,
    grouping: "mark",
    emptyPlaces: "gaps",
    addendOrder: "longestFirst",
    pointTime: "first",
    subtraction: "equalAdditions",
    division: "short",
    shiftBy: "pointHops",
    openingZeros: "leftOpen",
    narration: "short",
    numberNames: "byDigits",
    commonDenominator: "product",
    cancelling: "after",
    fractionPictures: "circles",
    termOrder: "gathered",
    unitRegrouping: "asYouGo",
    metricSpelling: "litre",
    currency: "GBP",
    changeBy: "subtracted",
  },
  commaBelow: {
    ...FILLERS_TRUE_VALUE,
    decimalMark: "comma",
    grouping: "space",
    pointTime: "first",
    timesSign: "dot",
    divideSign: "colon",
    subtraction: "makingUp",
    shiftBy: "pointHops",
    openingZeros: "leftOpen",
    divisionLayout: "corner",
    carryPlace: "below",
    trailingZeros: "kept",
    narration: "short",
    numberNames: "byDigits",
    commonDenominator: "factors",
    metricColumns: "padded",
    metricSpelling: "litre",
    currency: "EUR",
    changeBy: "subtracted",
  },
  exchangeByPlaces: {
    ...FILLERS_TRUE_VALUE,
    grouping: "space",
    chunks: "doubles",
    zeroRows: "written",
    recurringMark: "dots",
    carryPlace: "below",
    borrowAcrossZeros: "placeByPlace",
    onesTerm: "units",
    carryTerm: "exchange",
    borrowTerm: "exchange",
    mixedNumbers: "apart",
    cancelling: "after",
    simplifying: "smallSteps",
    fractionDivision: "likeParts",
    fractionPictures: "line",
    signedBy: "numberLine",
    unitRegrouping: "asYouGo",
    metricSpelling: "litre",
    currency: "ZAR",
    severalOfSame: "added",
  },
};

/** The preset a new tutor starts with. */
export const FIRST_PRESET: PresetName = "fillersTrueValue";

/** What a house-rules text can get wrong: an unknown preset, an unknown switch, or a setting it hasn't got. */
export type HouseRefusal =
  | { readonly kind: "unknownPreset"; readonly given: string }
  | { readonly kind: "unknownSwitch"; readonly given: string }
  | { readonly kind: "unknownSetting"; readonly switch: SwitchName; readonly given: string };

/** House rules spelled out for an address, a program or a row of the database. */
export type HouseChoices = Readonly<Record<string, string>>;

const isPreset = (name: string): name is PresetName => (PRESET_NAMES as readonly string[]).includes(name);
const isSwitch = (name: string): name is SwitchName => Object.hasOwn(SWITCHES, name);

/**
 * The house rules that some choices amount to: a `preset` (the first one where none is named),
 * and over it any switches. Refuses names and settings it does not know.
 */
export function houseRulesFrom(choices: HouseChoices): Result<HouseRules, HouseRefusal> {
  const preset = choices.preset ?? FIRST_PRESET;
  if (!isPreset(preset)) return failed({ kind: "unknownPreset", given: preset });
  let house = PRESETS[preset];
  for (const [name, setting] of Object.entries(choices)) {
    if (name === "preset") continue;
    if (!isSwitch(name)) return failed({ kind: "unknownSwitch", given: name });
    const settings: readonly string[] = SWITCHES[name];
    // Beside the currencies in the table, a tutor may define one of their own.
    const own = name === "currency" && isOwnCurrency(setting);
    if (!own && !settings.includes(setting))
      return failed({ kind: "unknownSetting", switch: name, given: setting });
    house = { ...house, [name]: setting };
  }
  return done(house);
}

/** The preset nearest to these rules (fewest switches changed), and the switches in which they differ from it. */
export function nearestPreset(house: HouseRules): {
  readonly preset: PresetName;
  readonly changed: readonly SwitchName[];
} {
  const candidates = PRESET_NAMES.map((preset) => ({
    preset,
    changed: SWITCH_NAMES.filter((name) => PRESETS[preset][name] !== house[name]),
  }));
  return candidates.reduce((best, next) => (next.changed.length < best.changed.length ? next : best));
}

/** The shortest choices that give these rules back through `houseRulesFrom`. */
export function choicesOf(house: HouseRules): HouseChoices {
  const { preset, changed } = nearestPreset(house);
  return { preset, ...Object.fromEntries(changed.map((name) => [name, house[name]])) };
}
