import type { Features } from "../../../features";

/** The strands of the ladder, in the order they are learned. */
export const STRANDS = [
  "places",
  "comparing",
  "addingSubtracting",
  "multiplying",
  "dividing",
  "fractions",
  "mixedNumbers",
  "signed",
  "money",
  "units",
  "chains",
] as const;
export type Strand = (typeof STRANDS)[number];

/** What a feature has to be: just that, or a number from one to another. */
type Wish<Feature> = Feature extends number ? number | readonly [from: number, to: number] : Feature;

type WishesOf<Group> = {
  readonly [Name in keyof Group]?: NonNullable<Group[Name]> extends object
    ? WishesOf<NonNullable<Group[Name]>>
    : Wish<Group[Name]>;
};

/** Features by name; those of a kind of its own inside it. Features that are not named may be as they come. */
export type Wishes = WishesOf<Features>;

/**
 * A step of a skill: lines to fill in, and the features that the workings of what is drawn must have. In a line `#` is a
 * digit, in front never zero and after a point never zero at the end; `@1` to `@9` are digits that are the same
 * wherever they stand, never zero; `%12` is a whole number below 12, not zero; `$$` stands for the sign of money.
 */
export interface Notch {
  readonly lines: readonly string[];
  readonly wishes: Wishes;
}

/** How examples of a skill climb: plain, with one new difficulty, with two, and the trap. */
export type Climb = readonly [plain: Notch, one: Notch, two: Notch, trap: Notch];

/** A rung of the ladder: what it needs first, and how its examples climb. */
export interface Skill<Id extends string = string> {
  readonly id: Id;
  readonly strand: Strand;
  readonly needs: readonly Id[];
  readonly climb: Climb;
}

/** A rung as a strand lists it: what it needs is checked once all strands are put together. */
export type Rung = Skill<string>;
