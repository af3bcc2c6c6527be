import type { Answer, Problem } from "../../problem";
import type { Quantity } from "../../quantity";
import type { PatternAct } from "../contract/errorPattern";
import type { PatternId } from "../contract/patternIds";
import { factNeighbours } from "./factNeighbours";
import { copiedWithOneFewer, copiedWithOneTwice, miscopied, otherOperations } from "./misreadings";
import { digitLeftOut, digitsSwapped, digitTwice, nearKey, offByOne, signLost } from "./miswritings";

/** What just went wrong in a slip: which digit, or which fact. */
export type SlipAbout =
  /** A digit of a number in the problem was copied as another. */
  | { readonly kind: "copied"; readonly digit: string; readonly as: string; readonly of: Quantity }
  /** A digit was left out, or written twice: of a number in the problem, or of the answer where none is named. */
  | { readonly kind: "leftOut" | "twice"; readonly digit: string; readonly of?: Quantity }
  /** The product of two digits was taken for another number of the table. */
  | { readonly kind: "fact"; readonly digit: number; readonly by: number; readonly taken: number }
  | { readonly kind: "swapped"; readonly digits: string }
  /** A key beside the right one was pressed. */
  | { readonly kind: "key"; readonly digit: string; readonly as: string }
  | { readonly kind: "offByOne"; readonly right: Answer; readonly written: Answer }
  | { readonly kind: "operation"; readonly read: Problem }
  | { readonly kind: "sign" };

/** One way of carrying a problem out badly: what is read or written otherwise, once. */
export interface Slip {
  readonly id: PatternId;
  readonly act: PatternAct;
  readonly about: SlipAbout;
  /** The problem that was read instead, where it was misread; else the answer that was written. */
  readonly instead:
    | { readonly kind: "problem"; readonly problem: Problem }
    | { readonly kind: "answer"; readonly answer: Answer };
}

/** Every slip that a problem and its right answer give room for. */
export function slipsOf(problem: Problem, right: Answer): readonly Slip[] {
  const misread = (id: PatternId, read: Problem, about: SlipAbout): Slip => ({
    id,
    about,
    act: { reads: (given) => (given === problem ? read : undefined) },
    instead: { kind: "problem", problem: read },
  });
  const miswritten = (id: PatternId, answer: Answer, about: SlipAbout): Slip => ({
    id,
    about,
    act: { writes: (_, given) => (given === problem ? answer : undefined) },
    instead: { kind: "answer", answer },
  });
  return [
    ...otherOperations(problem).map((read) =>
      misread("slip-wrong-operation", read, { kind: "operation", read }),
    ),
    ...miscopied(problem).map(({ read, ...copied }) =>
      misread("slip-digit-miscopied", read, { kind: "copied", ...copied }),
    ),
    ...copiedWithOneFewer(problem).map(({ read, digit, of }) =>
      misread("slip-digit-left-out", read, { kind: "leftOut", digit, of }),
    ),
    ...copiedWithOneTwice(problem).map(({ read, digit, of }) =>
      misread("slip-digit-twice", read, { kind: "twice", digit, of }),
    ),
    ...offByOne(right).map((answer) =>
      miswritten("slip-fact-off-by-one", answer, { kind: "offByOne", right, written: answer }),
    ),
    ...factNeighbours(problem, right).map(({ answer, ...fact }) =>
      miswritten("slip-fact-neighbour", answer, { kind: "fact", ...fact }),
    ),
    ...digitsSwapped(right).map(({ answer, digits }) =>
      miswritten("slip-digits-swapped", answer, { kind: "swapped", digits }),
    ),
    ...digitLeftOut(right).map(({ answer, digit }) =>
      miswritten("slip-digit-left-out", answer, { kind: "leftOut", digit }),
    ),
    ...digitTwice(right).map(({ answer, digit }) =>
      miswritten("slip-digit-twice", answer, { kind: "twice", digit }),
    ),
    ...nearKey(right).map(({ answer, digit, as }) =>
      miswritten("slip-near-key", answer, { kind: "key", digit, as }),
    ),
    ...signLost(problem, right).map((answer) => miswritten("slip-sign-dropped", answer, { kind: "sign" })),
  ];
}
