import type { Answer, Problem } from "../../problem";
import type { PatternAct } from "../errorPattern";
import type { PatternId } from "../patternIds";
import { miscopied, otherOperations } from "./misreadings";
import { digitsSwapped, offByOne, signLost } from "./miswritings";

/** One way of carrying a problem out badly: what is read or written otherwise, once. */
export interface Slip {
  readonly id: PatternId;
  readonly act: PatternAct;
  /** The problem that was read instead, where it was misread; else the answer that was written. */
  readonly instead:
    | { readonly kind: "problem"; readonly problem: Problem }
    | { readonly kind: "answer"; readonly answer: Answer };
}

/** Every slip that a problem and its right answer give room for. */
export const slipsOf = (problem: Problem, right: Answer): readonly Slip[] => [
  ...otherOperations(problem).map((read) => misread("slip-wrong-operation", problem, read)),
  ...miscopied(problem).map((read) => misread("slip-digit-miscopied", problem, read)),
  ...offByOne(right).map((answer) => miswritten("slip-fact-off-by-one", problem, answer)),
  ...digitsSwapped(right).map((answer) => miswritten("slip-digits-swapped", problem, answer)),
  ...signLost(problem, right).map((answer) => miswritten("slip-sign-dropped", problem, answer)),
];

const misread = (id: PatternId, asked: Problem, problem: Problem): Slip => ({
  id,
  act: { reads: (given) => (given === asked ? problem : undefined) },
  instead: { kind: "problem", problem },
});

const miswritten = (id: PatternId, asked: Problem, answer: Answer): Slip => ({
  id,
  act: { writes: (_, given) => (given === asked ? answer : undefined) },
  instead: { kind: "answer", answer },
});
