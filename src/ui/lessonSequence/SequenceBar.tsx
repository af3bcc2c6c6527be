"use client";

import dynamic from "next/dynamic";
import { type ReactElement, useEffect, useState } from "react";
import type { HouseRules } from "@/core/house";
import { keepSequence, type LessonSequence, rowKept } from "./lessonSequence";

/** Comes with the first row: most boards stand in none. */
const SequencePlaces = dynamic(() => import("./SequencePlaces").then((module) => module.SequencePlaces));

/** The row that a problem belongs to, with its place in it and the way to the others; nothing where it belongs to none. */
export function SequenceBar({
  problem,
  house,
  handed = false,
}: {
  /** As the house writes it. */
  readonly problem: string;
  readonly house: HouseRules;
  /** Whether it was handed in. */
  readonly handed?: boolean;
}): ReactElement | null {
  const [row, setRow] = useState<LessonSequence | undefined>();
  const [now, setNow] = useState(0);
  useEffect(() => {
    setRow(rowKept());
    setNow(Date.now());
  }, []);
  useEffect(() => {
    if (!handed) return;
    setRow((all) => {
      if (all === undefined || all.done.includes(problem)) return all;
      const next = { ...all, done: [...all.done, problem] };
      keepSequence(next);
      return next;
    });
  }, [handed, problem]);
  const begun = row?.begun;
  useEffect(() => {
    if (begun === undefined) return;
    const timer = setInterval(() => setNow(Date.now()), 500);
    return () => clearInterval(timer);
  }, [begun]);
  const here = row?.problems.indexOf(problem) ?? -1;
  if (row === undefined || here < 0) return null;
  const change = (next: LessonSequence | undefined): void => {
    keepSequence(next);
    setRow(next);
    setNow(Date.now());
  };
  return <SequencePlaces row={row} here={here} problem={problem} house={house} now={now} onChange={change} />;
}
