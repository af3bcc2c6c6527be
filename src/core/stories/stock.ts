/** What a thing costs in the small unit of money, weighs in grams, measures in centimetres or holds in millilitres: from, to. */
export type Plausible = readonly [from: number, to: number];

/** A thing that stories are about: its name for one and for several, and what is plausible of it. */
export interface Thing {
  readonly one: string;
  readonly many: string;
  readonly price?: Plausible | undefined;
  readonly mass?: Plausible | undefined;
  readonly length?: Plausible | undefined;
  readonly volume?: Plausible | undefined;
}

/** A list of things, as a workshop has them on its shelves. */
export interface StockList {
  readonly id: string;
  readonly name: string;
  readonly things: readonly Thing[];
}

/** What a thing must have known of it to come into a story. */
export type Measured = "price" | "mass" | "length" | "volume";
