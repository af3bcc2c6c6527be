/** How a kind of story is told. In braces stand givens (`{a}`), things (`{x.a}` with its article, `{x.the}`, `{x.one}`, `{x.many}`), who it is about (`{who}`), and in an answer what comes out (`{=}`, or parts of it). */
export interface KindWords {
  readonly name: string;
  /** Why its numbers are worked as they are. */
  readonly why: string;
  readonly tells: readonly string[];
  readonly asks: readonly string[];
  readonly answers: readonly string[];
}
