import type Exact from "fraction.js";
import type { SignedOperation } from "../../problem";
import type { Spot } from "../reading/glyphs";
import type { WrittenNumeral } from "../reading/pieces";
import type { Side } from "../reading/sides";

/** What kind of thing is wrong at a mark. */
export type FaultKind =
  /** Another digit should stand there. */
  | "digit"
  /** The point stands on another line, or is missing. */
  | "point"
  /** Both sides of a sign of equality are not worth the same. */
  | "unequal"
  /** A number of the problem was copied as another one. */
  | "copied"
  /** A sign of operation is another than the problem's. */
  | "operation"
  /** A number does not stand in its columns. */
  | "misplaced"
  /** A row of a product stands in other places than it should. */
  | "shifted"
  /** The larger number should stand on top. */
  | "order"
  /** A digit of a quotient is too small, or too large. */
  | "tooSmall"
  | "tooLarge"
  /** A place of a quotient was left empty. */
  | "gap"
  /** A sign is wrong. */
  | "sign"
  /** A jump goes another way, or another length. */
  | "jump"
  /** What has been struck and written above is worth something else than before. */
  | "exchange"
  /** A shape shows another part of its whole than the fraction beside it says. */
  | "picture"
  /** What was struck is not what may be taken away together, or is to be taken away. */
  | "pairs"
  /** What is laid comes to something else than it should. */
  | "count";

/** What is wrong with a jump, and which of them it is, counted from 1. */
export interface JumpFault {
  readonly nth: number;
  readonly wrong: "direction" | "length" | "tooMany" | "start" | "apart";
}

/** The first wrong mark of a block. */
export interface Fault {
  readonly kind: FaultKind;
  readonly at: Spot;
  /** What is written there. */
  readonly written: string;
  /** The place of the column it stands in, where it has one. */
  readonly place?: number;
  /** What is wrong with it, where it is a jump. */
  readonly jump?: JumpFault;
}

/** A number that a block comes to, as it is written. */
export interface Made {
  readonly value: Exact;
  readonly text: string;
  readonly rest?: Exact;
  readonly row: number;
  /** Whether it is still to be worked out: an expression and no number yet. */
  readonly open?: true;
}

/** What a block of the paper states, and whether it holds. */
export interface Claim {
  readonly kind: "column" | "product" | "division" | "line" | "grid" | "units" | "jumps" | "leaps" | "laid";
  readonly state: "right" | "wrong" | "unfinished" | "unread";
  /** The rows it stands in. */
  readonly top: number;
  readonly bottom: number;
  readonly left: number;
  /** The numbers it takes from elsewhere, and what it comes to; nothing where that is not written yet. */
  readonly uses: readonly Exact[];
  readonly makes: Made | undefined;
  /** Other numbers it brings about on the way: parts that are still to be put together. */
  readonly parts: readonly Exact[];
  readonly fault: Fault | undefined;
  /** Whether what comes after the fault inside the block is right, given that. */
  readonly follows: boolean;
  /** Of a line, the operation between its numbers, and where each of them begins; none of other blocks, and of lines with several. */
  readonly line?: { readonly op: SignedOperation; readonly numerals: readonly WrittenNumeral[] };
  /** Of a line, what stands left of its sign of equality. */
  readonly side?: Side;
  /** Where it stands, if it has no numerals. */
  readonly at?: Spot;
  /** The numerals that were looked at. */
  readonly read: readonly WrittenNumeral[];
}

/** Whether two values are the same. */
export const isSameExact = (one: Exact, other: Exact): boolean => one.equals(other);

/** A claim with what most of them have. */
export function claimOf(
  kind: Claim["kind"],
  read: readonly WrittenNumeral[],
  rest: Partial<Omit<Claim, "kind" | "read">>,
): Claim {
  const rows = read.map(({ row }) => row);
  return {
    kind,
    read,
    state: rest.fault === undefined ? "right" : "wrong",
    top: Math.min(...rows),
    bottom: Math.max(...rows),
    left: Math.min(...read.map(({ from }) => from)),
    uses: [],
    makes: undefined,
    parts: [],
    fault: undefined,
    follows: false,
    ...rest,
  };
}
