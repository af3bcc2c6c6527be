/** Something kept that can't be read: it stays where it is, and is told apart from what can. */
export interface Unread {
  readonly table: string;
  readonly id: string;
  /** Why, as the end of a sentence: "its house rules can’t be read". */
  readonly why: string;
}
