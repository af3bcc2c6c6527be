"use client";

import type { ReactElement } from "react";
import type { Mark } from "@/core/board";
import type { HouseRules } from "@/core/house";
import { bareDigits, type Place, zerosAtEnd } from "@/core/number";
import type { WorkMarks } from "@/core/paper";
import type { TurnNumber, TurnWay } from "@/core/turn";
import {
  carriesWords,
  FOLLOWS_ON,
  misplacedWords,
  outOfLineWords,
  soFarWords,
  wrongMarkWords,
} from "@/core/wording";

/** The place of the column that a mark stands in; none where the way has none. */
export function placeOf(
  way: TurnWay | undefined,
  step: number | undefined,
  mark: Mark | undefined,
): Place | undefined {
  if (way === undefined || step === undefined || mark === undefined || !("col" in mark)) return undefined;
  return way.layout.columns.find(({ col }) => col === mark.col)?.place;
}

/** What is found on the paper, the first wrong mark first. */
export function Told({
  found,
  way,
  numbers,
  house,
}: {
  readonly found: WorkMarks;
  readonly way: TurnWay | undefined;
  readonly numbers: readonly TurnNumber[];
  readonly house: HouseRules;
}): ReactElement {
  const { misplaced, wrong } = found;
  if (misplaced !== undefined) {
    const bare = bareDigits(misplaced.digits);
    const number = numbers.find(({ digits }) => digits === bare);
    return (
      <span className="text-rust">
        {number === undefined
          ? outOfLineWords(misplaced.digits)
          : misplacedWords(bare.at(-1) ?? "", number.text, lastPlaceOf(number) - misplaced.by, house)}
      </span>
    );
  }
  if (wrong !== undefined) {
    const step = way?.steps[wrong.step];
    const mark = step?.marks.find((one) => one.kind === "glyph" && one.text === wrong.ought);
    return (
      <span className="text-rust">
        {wrongMarkWords(wrong.written, placeOf(way, wrong.step, mark), house)} {step?.ask}
        {found.follows && ` ${FOLLOWS_ON}`}
      </span>
    );
  }
  if (found.next === undefined && found.carries > 0) return <span>{carriesWords(found.carries)}</span>;
  return <span>{soFarWords(found.agree, found.next !== undefined)}</span>;
}

/** The place of a number's last digit that is not a zero at its end. */
const lastPlaceOf = ({ text, lowest }: TurnNumber): Place => {
  const zeros = zerosAtEnd(text.replace(/[^\d]/g, ""));
  return lowest + zeros;
};
