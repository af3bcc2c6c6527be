import type { Mark } from "../../board";
import { type Answer, writeAnswer } from "../../problem";
import { type Measure, type UnitId, unitOf } from "../../quantity";
import type { StepToDraw } from "../contract/step";
import type { InHouse, OnPad } from "../contract/workContext";
import type { MethodResult } from "../contract/working";
import { type Pad, padText } from "../squares/pad";
import { countMarks, headMarks, type MeasureWhy, rowMarks, type UnitSetting } from "./unitSetting";

export const withUnit = (count: bigint, unit: UnitId): string => `${count} ${unitOf(unit).symbol}`;

/** The heads of the columns, and every measure in them. */
export function setOutRows(
  setting: UnitSetting,
  measures: readonly Measure[],
  rows: readonly (readonly bigint[])[],
): readonly StepToDraw<MeasureWhy>[] {
  return [
    {
      stage: "setOut",
      reason: { kind: "unitHeads", units: setting.units },
      draw: () => headMarks(setting, -2),
      focus: [],
    },
    ...measures.map(
      (measure, index): StepToDraw<MeasureWhy> => ({
        stage: "setOut",
        reason: { kind: "writeUnitRow", measure, first: index === 0 },
        draw: () => rowMarks(setting, rows[index] ?? [], index),
        focus: [],
      }),
    ),
  ];
}

/** The sign, the multiplier where there is one, and the rule above a row. */
export function rule(
  setting: UnitSetting,
  sign: string,
  row: number,
  times: bigint | undefined,
): StepToDraw<MeasureWhy> {
  const line: Mark = { kind: "rule", row, from: setting.from, to: setting.to, strokes: 1 };
  const col = setting.from;
  const multiplier: readonly Mark[] =
    times === undefined ? [] : countMarks(setting, setting.units.length - 1, times, row - 1);
  return {
    stage: "setOut",
    reason: { kind: "unitRule", sign, times },
    draw: () => [{ kind: "glyph", col, row: row - 1, text: sign, look: "written" }, ...multiplier, line],
    focus: [],
  };
}

export function finishUnitRows(
  answer: Answer,
  { house, pad }: InHouse & OnPad<Pad<MeasureWhy>>,
): MethodResult<MeasureWhy> {
  pad.line("answer", { kind: "nameAnswer", answer }, () => [
    padText(`= ${writeAnswer(answer, { ...house, grouping: "none" })}`),
  ]);
  return { answer, onPaper: pad.onPaper };
}
