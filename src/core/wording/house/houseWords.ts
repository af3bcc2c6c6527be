import {
  type HouseRefusal,
  type HouseRules,
  PRESET_NAMES,
  SWITCH_NAMES,
  SWITCHES,
  type SwitchName,
} from "../../house";
import { isOwnCurrency, type OwnCurrencyError, ownCurrencyOf } from "../../quantity";

/** What a switch is called, and each of its settings. */
type SwitchWords = {
  readonly [Name in SwitchName]: {
    readonly label: string;
    readonly settings: { readonly [Setting in (typeof SWITCHES)[Name][number]]: string };
  };
};

export const SWITCH_WORDS: SwitchWords = {
  decimalMark: { label: "Decimals are written with", settings: { point: "a point", comma: "a comma" } },
  grouping: {
    label: "Thousands are grouped by",
    settings: { none: "nothing", space: "a space", mark: "a mark" },
  },
  emptyPlaces: { label: "Empty places", settings: { fillers: "hollow zeros", gaps: "left open" } },
  copying: {
    label: "Numbers that are set out",
    settings: { trusted: "are trusted", tickedOff: "are ticked off and read back" },
  },
  addendOrder: {
    label: "Addends and factors stand",
    settings: { asGiven: "as given", longestFirst: "longest first" },
  },
  pointTime: { label: "The answer's point", settings: { first: "comes first", whenReached: "when reached" } },
  subtraction: {
    label: "Taking away is by",
    settings: {
      decomposition: "decomposition",
      equalAdditions: "equal additions",
      makingUp: "making up",
      expanded: "expanded form",
      countingUp: "counting up",
    },
  },
  timesSign: { label: "Times is written", settings: { cross: "×", dot: "·" } },
  divideSign: { label: "Divided by is written", settings: { obelus: "÷", colon: ":" } },
  addition: { label: "Adding is by", settings: { column: "columns", expanded: "expanded form" } },
  multiplication: {
    label: "Multiplying is by",
    settings: {
      column: "columns, places counted",
      inLine: "point in line",
      lattice: "lattice",
      area: "area",
    },
  },
  division: {
    label: "Dividing is by",
    settings: { long: "long division", short: "short division", chunks: "partial quotients" },
  },
  chunks: {
    label: "Chunks of a partial quotient",
    settings: { byPlace: "hundreds, tens, ones of times", doubles: "doubles: 1, 2, 4, 8 times" },
  },
  shiftBy: {
    label: "Times 10, 100, 1000",
    settings: { digitsMove: "the digits move", pointHops: "the point hops" },
  },
  openingZeros: { label: "A row's opening zeros", settings: { written: "written", leftOpen: "left open" } },
  zeroRows: { label: "Rows of zeros", settings: { skipped: "skipped", written: "written" } },
  divisionLayout: {
    label: "The divisor stands",
    settings: { bracket: "before a bracket", corner: "in a right-hand corner" },
  },
  divisionEnding: {
    label: "A division that goes on",
    settings: { exact: "exactly", remainder: "remainder", mixed: "mixed number", twoPlaces: "two places" },
  },
  recurringMark: { label: "Digits that recur", settings: { bar: "under a bar", dots: "under dots" } },
  carryPlace: {
    label: "The carried number",
    settings: { above: "above the columns", below: "below the line", unwritten: "kept in mind" },
  },
  borrowAcrossZeros: {
    label: "Across a run of zeros",
    settings: { inOneGo: "in one go", placeByPlace: "place by place" },
  },
  trailingZeros: { label: "Zeros at the end", settings: { kept: "kept", dropped: "dropped" } },
  narration: { label: "The talk is", settings: { placeValue: "true values", short: "short" } },
  onesTerm: { label: "Single things are", settings: { ones: "ones", units: "units" } },
  carryTerm: {
    label: "In adding you",
    settings: { carry: "carry", regroup: "regroup", exchange: "exchange" },
  },
  borrowTerm: {
    label: "In taking away you",
    settings: { borrow: "borrow", regroup: "regroup", exchange: "exchange" },
  },
  numberNames: { label: "Numbers are read", settings: { byPlaces: "by places", byDigits: "digit by digit" } },
  commonDenominator: {
    label: "A common denominator is",
    settings: { multiples: "listed", factors: "by prime factors", product: "the product" },
  },
  mixedNumbers: {
    label: "Mixed numbers are added",
    settings: { improper: "as improper fractions", apart: "wholes and parts apart" },
  },
  cancelling: { label: "Common factors go", settings: { before: "before multiplying", after: "after" } },
  simplifying: { label: "Simplifying is", settings: { atOnce: "in one go", smallSteps: "by small steps" } },
  fractionDivision: {
    label: "Fractions are divided by",
    settings: { turnOver: "turning over", likeParts: "like parts" },
  },
  fractionAnswers: {
    label: "Answers above one are",
    settings: { mixed: "mixed numbers", improper: "improper" },
  },
  fractionPictures: {
    label: "Fractions are drawn as",
    settings: { bars: "bars", circles: "circles", line: "a line" },
  },
  signedBy: {
    label: "Signed numbers are worked by",
    settings: { signRule: "the sign rule", numberLine: "a number line", counters: "counters" },
  },
  termOrder: {
    label: "Long sums are worked",
    settings: { leftToRight: "from the left", gathered: "gathered by sign" },
  },
  unitWork: {
    label: "Measures are worked",
    settings: { columns: "in columns", smallestUnit: "in the smallest unit" },
  },
  unitRegrouping: {
    label: "Too many of a unit",
    settings: { atEnd: "regrouped at the end", asYouGo: "as you go" },
  },
  metricColumns: {
    label: "Metric measures stand",
    settings: { byUnit: "by unit", padded: "as padded decimals" },
  },
  metricSpelling: {
    label: "Metric units are spelled",
    settings: { litre: "litre, metre", liter: "liter, meter" },
  },
  currency: {
    label: "Money is in",
    settings: {
      USD: "dollars $",
      GBP: "pounds £",
      EUR: "euros €",
      ZAR: "rand R",
      PHP: "pesos ₱",
      INR: "rupees ₹",
    },
  },
  changeBy: { label: "Change is", settings: { countedUp: "counted up", subtracted: "subtracted" } },
  severalOfSame: {
    label: "Several of one price",
    settings: { multiplied: "multiplied", added: "added" },
  },
  estimateFirst: {
    label: "Before a learner works, an estimate is",
    settings: { offered: "offered", required: "asked for", off: "left out" },
  },
  estimateRounding: {
    label: "For an estimate, numbers are rounded",
    settings: {
      asFits: "as it fits",
      ones: "to ones",
      leadingDigit: "to their first digits",
      friendly: "to friendly numbers",
    },
  },
  learnerCarries: {
    label: "A learner’s carries are",
    settings: { free: "written or not", required: "to be written" },
  },
};

/** What a setting is called under some house rules: the mark that groups thousands is the one decimals don't use. */
export function settingWords<Name extends SwitchName>(
  name: Name,
  setting: HouseRules[Name],
  house: HouseRules,
): string {
  if (name === "grouping" && setting === "mark") return house.decimalMark === "point" ? "a comma" : "a point";
  if (name === "multiplication" && setting === "inLine") return `${house.decimalMark} in line`;
  if (name === "shiftBy" && setting === "pointHops") return `the ${house.decimalMark} hops`;
  if (name === "currency" && isOwnCurrency(setting)) return ownCurrencyOf(setting).names;
  const words: Readonly<Record<string, string>> = SWITCH_WORDS[name].settings;
  return words[setting] ?? setting;
}

/** One sentence for a currency of a tutor's own that can't be used, with what would be accepted. */
export function ownCurrencyErrorWords(error: OwnCurrencyError): string {
  switch (error.kind) {
    case "sign":
      return `“${error.given}” can't be its sign. Take one to three letters that are no unit and no word of a problem, two different ones for large and small money.`;
    case "name":
      return `“${error.given}” can't be its name. Take letters, 20 at most.`;
    case "coins":
      return "Type the coins in the small unit, the smallest first, with spaces between them, as in 10 50 100.";
    case "notes":
      return "Type the notes in whole units, the smallest first, with spaces between them, as in 5 10 20.";
  }
}

/** The switches in the order and groups in which they are offered. */
export const SWITCH_GROUPS: readonly { readonly title: string; readonly switches: readonly SwitchName[] }[] =
  [
    {
      title: "Writing numbers",
      switches: ["decimalMark", "grouping", "timesSign", "divideSign", "numberNames"],
    },
    {
      title: "Setting out",
      switches: ["copying", "emptyPlaces", "addendOrder", "pointTime", "trailingZeros"],
    },
    {
      title: "Adding and taking away",
      switches: ["addition", "subtraction", "carryPlace", "borrowAcrossZeros"],
    },
    { title: "Multiplying", switches: ["multiplication", "openingZeros", "zeroRows", "shiftBy"] },
    {
      title: "Dividing",
      switches: ["division", "chunks", "divisionLayout", "divisionEnding", "recurringMark"],
    },
    {
      title: "Fractions",
      switches: [
        "commonDenominator",
        "mixedNumbers",
        "cancelling",
        "simplifying",
        "fractionDivision",
        "fractionAnswers",
        "fractionPictures",
      ],
    },
    { title: "Below zero", switches: ["signedBy", "termOrder"] },
    { title: "Money", switches: ["currency", "changeBy", "severalOfSame"] },
    {
      title: "Units",
      switches: ["unitWork", "unitRegrouping", "metricColumns", "metricSpelling"],
    },
    { title: "Your turn", switches: ["estimateFirst", "learnerCarries"] },
    { title: "Checking", switches: ["estimateRounding"] },
    { title: "Talking", switches: ["narration", "onesTerm", "carryTerm", "borrowTerm"] },
  ];

/** One sentence for house rules that can't be read, with what would be accepted. */
export function houseRefusalWords(refusal: HouseRefusal): string {
  switch (refusal.kind) {
    case "unknownPreset":
      return `There is no preset “${refusal.given}”. The presets are ${PRESET_NAMES.join(", ")}.`;
    case "unknownSwitch":
      return `House rules have no switch “${refusal.given}”. The switches are ${SWITCH_NAMES.join(", ")}.`;
    case "unknownSetting":
      return `“${refusal.given}” is no setting of ${refusal.switch}. It can be ${SWITCHES[refusal.switch].join(", ")}.`;
  }
}
