/** Why something asked for is not done: a code that stays the same, a sentence, and the place in the line where there is one. */
export interface Refusal {
  readonly code: string;
  readonly message: string;
  readonly at?: number;
}
