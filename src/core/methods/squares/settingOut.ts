import type { Mark, PaperLayout } from "../../board";
import type { HouseRules } from "../../house";
import {
  type Decimal,
  digitAt,
  highestPlace,
  lowestPlace,
  ONES,
  type Place,
  placesFrom,
  TENTHS,
} from "../../number";
import { type SignedOperation, signOf } from "../../problem";
import type { StepToDraw } from "../contract/step";
import type { ColumnRow } from "../procedures/columnSums";
import { digitCol, numeralMarks } from "./writtenNumber";

/** What a number is called in its problem. */
type Role = "addend" | "minuend" | "subtrahend" | "multiplicand" | "multiplier";

export type SettingOutReason =
  | { readonly kind: "swapForBelowZero"; readonly larger: Decimal; readonly smaller: Decimal }
  | {
      readonly kind: "writeOperand";
      readonly role: Role;
      readonly numeral: Decimal;
      readonly first: boolean;
      readonly movedToFront: boolean;
      readonly decimals: boolean;
    }
  | { readonly kind: "hiddenPoint"; readonly numeral: Decimal }
  | { readonly kind: "fillers"; readonly places: number; readonly ones: boolean }
  | { readonly kind: "drawRule"; readonly op: SignedOperation }
  | { readonly kind: "placePoint"; readonly when: "first" | "whenReached" };

/** A number of the problem on its row. `shift` is how many squares it stands left of where its places belong. */
export interface OperandRow {
  readonly role: Role;
  readonly numeral: Decimal;
  readonly shift: number;
}

/** The squared paper of a column method: where each place stands, and the rows below the numbers. */
export interface Setting {
  readonly places: readonly Place[];
  readonly decimals: boolean;
  readonly rows: readonly OperandRow[];
  /** The row whose top edge carries the rule. */
  readonly ruleRow: number;
  /** The row the answer is written in; a row of small carries may lie between it and the rule. */
  readonly answerRow: number;
  /** The grid line of the answer's point: the plumb line, unless a decision puts it elsewhere. */
  readonly pointLine: number;
}

/** The decisions of setting numbers out: how far left of its places each one stands, and the line of the answer's point. */
export interface SettingDecisions {
  lineUp(numeral: Decimal, all: readonly Decimal[]): number;
  pointLine(all: readonly Decimal[]): number;
}

export const SOUND_SETTING: SettingDecisions = { lineUp: () => 0, pointLine: () => 0 };

/** The square a place stands in: ones just left of the plumb line, tenths just right of it. */
export const colOf = (place: Place): number => digitCol(0, place);

/** Rows left free for small numbers: between the last number and the rule, or between the rule and the answer. */
interface FreeRows {
  readonly aboveRule: boolean;
  readonly belowRule: boolean;
}

export const NO_FREE_ROWS: FreeRows = { aboveRule: false, belowRule: false };

/** Lines numbers up place under place. `highest` is the largest place that is needed at all, the answer's included. */
export function settingOf(
  numbers: readonly Omit<OperandRow, "shift">[],
  highest: Place,
  free: FreeRows,
  decisions: SettingDecisions,
): Setting {
  const numerals = numbers.map(({ numeral }) => numeral);
  const rows = numbers.map(({ role, numeral }) => ({
    role,
    numeral,
    shift: decisions.lineUp(numeral, numerals),
  }));
  const lowest = Math.min(ONES, ...rows.map(({ numeral, shift }) => lowestPlace(numeral) + shift));
  const tallest = Math.max(ONES, highest, ...rows.map(({ numeral, shift }) => highestPlace(numeral) + shift));
  return {
    places: placesFrom(lowest, tallest),
    decimals: lowest < ONES,
    rows,
    pointLine: decisions.pointLine(numerals),
    ...rowsBelow(rows, free),
  };
}

const rowsBelow = (rows: readonly OperandRow[], free: FreeRows): Pick<Setting, "ruleRow" | "answerRow"> => {
  const ruleRow = rows.length + (free.aboveRule ? 1 : 0);
  return { ruleRow, answerRow: ruleRow + (free.belowRule ? 1 : 0) };
};

/** The same numbers with room for so many places, from the smallest on, and with other rows left free. */
export const widened = (setting: Setting, places: number, free: FreeRows): Setting => {
  const lowest = setting.places[0] ?? ONES;
  const highest = Math.max(setting.places.at(-1) ?? ONES, lowest + places - 1);
  return { ...setting, places: placesFrom(lowest, highest), ...rowsBelow(setting.rows, free) };
};

/** Places hung on the plumb line. */
export const layoutOf = ({ places }: Pick<Setting, "places">): PaperLayout => ({
  columns: places.map((place) => ({ place, col: colOf(place) })),
  plumbs: [{ line: 0, from: "top" }],
});

/** What a row has in the column of a place. */
const standing = ({ numeral, shift }: OperandRow, place: Place): number | undefined =>
  digitAt(numeral, place - shift);

/** The row's counts by column, smallest place first: its digits, and the house's filler zeros; `undefined` where nothing is written. */
export const countsIn = (setting: Setting, row: OperandRow, house: HouseRules): ColumnRow => {
  const filled = house.emptyPlaces === "fillers" && inLine(setting);
  return setting.places.map((place) => standing(row, place) ?? (filled && place <= ONES ? 0 : undefined));
};

/** The places that a filler zero keeps open: after the last digit, and the ones before a bare point. Numbers that stand out of line keep none. */
const fillerPlaces = (setting: Setting, row: OperandRow): readonly Place[] =>
  inLine(setting)
    ? setting.places.filter((place) => place <= ONES && standing(row, place) === undefined)
    : [];

const inLine = ({ rows }: Setting): boolean => rows.every(({ shift }) => shift === 0);

/**
 * The steps that set the numbers out: each number, its hidden point, the fillers, the sign and the rule, and the point where
 * it comes first. `movedToFront` says that the first number set out was not the first one given.
 */
export function setOutSteps(
  setting: Setting,
  op: SignedOperation,
  house: HouseRules,
  movedToFront = false,
): readonly StepToDraw<SettingOutReason>[] {
  const steps: StepToDraw<SettingOutReason>[] = [];
  setting.rows.forEach(({ role, numeral, shift }, row) => {
    steps.push({
      stage: "setOut",
      reason: {
        kind: "writeOperand",
        role,
        numeral,
        first: row === 0,
        movedToFront: movedToFront && row === 0,
        decimals: setting.decimals,
      },
      draw: () => numeralMarks(numeral, 0 - shift, row),
      focus: [],
    });
    if (setting.decimals && inLine(setting) && !numeral.point) {
      steps.push({
        stage: "setOut",
        reason: { kind: "hiddenPoint", numeral },
        draw: () => [{ kind: "point", line: 0 - shift, row, look: "hidden" }],
        focus: [],
      });
    }
  });
  if (house.emptyPlaces === "fillers") steps.push(...fillerStep(setting));
  steps.push({
    stage: "setOut",
    reason: { kind: "drawRule", op },
    draw: () => ruleMarks(setting, op, house),
    focus: [],
  });
  if (setting.decimals && house.pointTime === "first") steps.push(pointStep(setting, "first"));
  return steps;
}

/** The step that puts the answer's point on the plumb line. */
export const pointStep = (setting: Setting, when: "first" | "whenReached"): StepToDraw<SettingOutReason> => ({
  stage: "point",
  reason: { kind: "placePoint", when },
  draw: () => [{ kind: "point", line: setting.pointLine, row: setting.answerRow, look: "written" }],
  focus: [],
});

/** Whether the work, having finished a place, has just reached the point. */
export const reachesPoint = (setting: Setting, place: Place, house: HouseRules): boolean =>
  setting.decimals && place === TENTHS && house.pointTime === "whenReached";

function fillerStep(setting: Setting): readonly StepToDraw<SettingOutReason>[] {
  const gaps = setting.rows.map((row) => fillerPlaces(setting, row));
  const marks = gaps.flatMap((places, row) =>
    places.map((place): Mark => ({ kind: "glyph", col: colOf(place), row, text: "0", look: "filler" })),
  );
  if (marks.length === 0) return [];
  const places = -Math.min(...setting.places);
  const ones = gaps.some((open) => open.includes(ONES));
  const reason: SettingOutReason = { kind: "fillers", places, ones };
  return [{ stage: "setOut", reason, draw: () => marks, focus: [] }];
}

/** A rule along the top of a row, under all the columns and the square of the sign before them. */
export function ruleAt(setting: Setting, row: number, strokes: 1 | 2): Extract<Mark, { kind: "rule" }> {
  const cols = setting.places.map(colOf);
  return { kind: "rule", row, from: Math.min(...cols) - 1, to: Math.max(...cols) + 1, strokes };
}

function ruleMarks(setting: Setting, op: SignedOperation, house: HouseRules): readonly Mark[] {
  const rule = ruleAt(setting, setting.ruleRow, 1);
  return [
    { kind: "glyph", col: rule.from, row: setting.rows.length - 1, text: signOf(op, house), look: "written" },
    rule,
  ];
}
