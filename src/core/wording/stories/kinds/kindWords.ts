/** How a kind of story is told. In braces stand givens (`{a}`), things (`{x.a}` with its article, `{x.the}`, `{x.one}`, `{x.many}`), who it is about (`{who}`), and in an answer what comes out (`{=}`, or parts of it). */
export interface KindWords {
  /** Why its numbers are worked as they are. */
  readonly why: string;
  /** The reason of each of its operations, where it has more than one. */
  readonly steps?: readonly string[];
  readonly tells: readonly string[];
  readonly asks: readonly string[];
  /** What the text does not say though the question needs it, and two things that it does say. */
  readonly missing?: string;
  readonly told?: readonly [string, string];
  /** What its numbers count, where they stand in its problem without a unit. */
  readonly unit?: "degrees" | "metres";
  readonly answers: readonly string[];
}
