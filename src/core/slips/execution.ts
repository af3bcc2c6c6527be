import type { Answer, Problem } from "../problem";
import { miscopied, otherOperations } from "./misreadings";
import { digitsSwapped, offByOne, signLost } from "./miswritings";
import type { SlipAct } from "./slip";
import type { SlipId } from "./slipIds";

/** One way of carrying a problem out badly: what is read or written otherwise, once. */
export interface Mishap {
  readonly slip: SlipId;
  readonly act: SlipAct;
  /** The problem that was read instead, where it was misread; else the answer that was written. */
  readonly instead:
    | { readonly kind: "problem"; readonly problem: Problem }
    | { readonly kind: "answer"; readonly answer: Answer };
}

/** Every mishap that a problem and its right answer give room for. */
export const mishapsOf = (problem: Problem, right: Answer): readonly Mishap[] => [
  ...otherOperations(problem).map((read) => misread("slip-wrong-operation", problem, read)),
  ...miscopied(problem).map((read) => misread("slip-digit-miscopied", problem, read)),
  ...offByOne(right).map((answer) => miswritten("slip-fact-off-by-one", problem, answer)),
  ...digitsSwapped(right).map((answer) => miswritten("slip-digits-swapped", problem, answer)),
  ...signLost(problem, right).map((answer) => miswritten("slip-sign-dropped", problem, answer)),
];

const misread = (slip: SlipId, asked: Problem, problem: Problem): Mishap => ({
  slip,
  act: { reads: (given) => (given === asked ? problem : undefined) },
  instead: { kind: "problem", problem },
});

const miswritten = (slip: SlipId, asked: Problem, answer: Answer): Mishap => ({
  slip,
  act: { writes: (_, given) => (given === asked ? answer : undefined) },
  instead: { kind: "answer", answer },
});
