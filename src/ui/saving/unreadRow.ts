/** Something kept that can't be read, as a screen tells of it. */
export interface UnreadRow {
  readonly table: string;
  readonly id: string;
  /** Why, as the end of a sentence: "its house rules can’t be read". */
  readonly why: string;
}
