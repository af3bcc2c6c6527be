/** A kept board as the list shows it. */
export interface ListedBoard {
  readonly id: string;
  readonly problem: string;
  readonly methodName: string;
  /** Where it is opened as it was left. */
  readonly address: string;
  readonly name: string;
  readonly pinned: boolean;
  readonly openedAt: Date;
}
