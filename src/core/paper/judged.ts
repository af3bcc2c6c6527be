import type { Claim, Fault, Made } from "./claims/claim";
import type { Spot } from "./reading/glyphs";

/** What a learner's paper says, judged by what it claims. */
export interface Judged {
  /** Everything that is claimed, from the top. */
  readonly claims: readonly Claim[];
  /** The first wrong mark of the work; none where nothing is wrong. */
  readonly fault: Fault | undefined;
  /** Whether what comes after it is right, given that. */
  readonly follows: boolean;
  /** A wrong mark in what belongs to nothing: a note, a check of something else. */
  readonly aside: Fault | undefined;
  /** What the work comes to; none where it has come to nothing yet. */
  readonly answer: Made | undefined;
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
