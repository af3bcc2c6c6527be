import type { Claim, Fault, Made } from "./claims/claim";
import type { Spot } from "./reading/glyphs";

/** How a claim stands: right, wrong, right given something wrong before, not finished, not made out; or a wrong one that belongs to nothing. */
export type Standing = "right" | "wrong" | "followsOn" | "unfinished" | "unread" | "aside";

/** What a learner's paper says, judged by what it claims. */
export interface Judged {
  /** Everything that is claimed, from the top. */
  readonly claims: readonly Claim[];
  /** How each of them stands. */
  readonly standings: readonly Standing[];
  /** The first wrong mark of the work; none where nothing is wrong. */
  readonly fault: Fault | undefined;
  /** Whether what comes after it is right, given that. */
  readonly follows: boolean;
  /** A wrong mark in what belongs to nothing: a note, a check of something else. */
  readonly aside: Fault | undefined;
  /** What the work comes to; none where it has come to nothing yet. */
  readonly answer: Made | undefined;
  /** The numbers that could each be meant as the answer: what the work comes to, and those that stand alone under it. */
  readonly choices: readonly string[];
  /** Whether what it comes to stands in the form that is wanted. */
  readonly inForm: boolean;
  /** Where something stands that could not be made out, or belongs to nothing that is claimed. */
  readonly unread: readonly Spot[];
  /** Nothing written, something written, or the question answered by what stands. */
  readonly state: "blank" | "begun" | "answered";
}

/** How a paper is looked at: while it is written, or once the hand is lifted. */
export interface Looking {
  readonly settled: boolean;
  /** The signs of the units of the problem, the largest first. */
  readonly units: readonly string[];
}
