import { answerValueOf, fractionOf, writeAnswer } from "@/core/problem";
import { type Quantity, writeQuantity } from "@/core/quantity";
import { operationsOf, type Story, type StoryNumber } from "@/core/stories";
import { onTheClock } from "@/core/wording";
import { DRAWN } from "./storyDrawings";

/** A part of a bar: how large it is beside the others, what stands on it, and whether it is what the question asks for. */
export interface BarPart {
  readonly size: number;
  readonly label: string;
  readonly asked: boolean;
}

/** What an operation on the way comes to: so many parts of a bar together. */
interface Brace {
  readonly row: number;
  readonly from: number;
  /** The last part of it. */
  readonly to: number;
  readonly label: string;
}

/** A picture to scale of how the quantities of a story hang together. */
export type StoryPicture =
  /** Bars one below the other, all on one scale. */
  | {
      readonly kind: "bars";
      readonly rows: readonly (readonly BarPart[])[];
      readonly braces: readonly Brace[];
      /** What stands in the place of what is asked, once it is worked. */
      readonly comes: string;
    }
  /** A line of numbers with a leap from one to another, which is asked. */
  | {
      readonly kind: "line";
      readonly from: number;
      readonly to: number;
      /** What stands at both ends of the leap and over it; one of them is asked. */
      readonly ends: readonly [string, string];
      readonly by: string;
      readonly comes: string;
      /** Whether nothing is marked too. */
      readonly withZero: boolean;
    };

const ASKED = "?";
/** What stands on a part that the story does not tell. */
const NOT_TOLD = "not told";

/** How large a quantity is, as a number that is good enough to draw by. */
const sizeOf = (quantity: Quantity): number => numberOf(fractionOf(quantity));

/** A fraction as a number that is good enough to draw by. */
export const numberOf = ({ s, n, d }: ReturnType<typeof fractionOf>): number =>
  (Number(s) * Number(n)) / Number(d);

/** The picture of a story, its labels in the notation of its house. */
export function storyPicture(story: Story): StoryPicture {
  const { kind, givens, working, missing } = story;
  const { house, answer } = working;
  const all: readonly StoryNumber[] =
    missing === undefined ? givens : [...givens, { ...missing, needed: true }];
  const found = (name: string): StoryNumber | undefined => all.find((one) => one.name === name);
  const size = (name: string): number => {
    const given = found(name);
    return given === undefined ? 0 : sizeOf(given.changed?.quantity ?? given.quantity);
  };
  const label = (name: string): string => {
    const given = found(name);
    if (name === missing?.name) return NOT_TOLD;
    return given === undefined ? "" : writeQuantity(given.quantity, house);
  };
  const comes =
    missing !== undefined
      ? ASKED
      : answer.kind === "timesLeft"
        ? writeQuantity(answer.left, house)
        : answer.kind === "remainder"
          ? writeQuantity(answer.remainder, house)
          : writeAnswer(answer, house);
  const part = (name: string): BarPart => ({ size: size(name), label: label(name), asked: false });
  const asked = (large: number): BarPart => ({ size: large, label: ASKED, asked: true });
  const plain = (large: number, words = ""): BarPart => ({ size: large, label: words, asked: false });
  /** Equal parts, of which the first has its name. */
  const equal = (count: number, large: number, words: string): readonly BarPart[] =>
    Array.from({ length: count }, (_, nth) => plain(large, nth === 0 ? words : ""));
  const bars = (...rows: readonly (readonly BarPart[])[]): StoryPicture => ({
    kind: "bars",
    rows,
    braces: [],
    comes,
  });
  /** The same, with what the first operation comes to over some parts of a bar. */
  const braced = (picture: StoryPicture, row: number, from: number, to: number): StoryPicture => {
    const [first, ...more] = operationsOf(story.working);
    if (picture.kind !== "bars" || missing !== undefined || first === undefined || more.length === 0)
      return picture;
    return { ...picture, braces: [{ row, from, to, label: writeAnswer(first.answer, house) }] };
  };
  const total = (parts: readonly BarPart[]): number => parts.reduce((sum, one) => sum + one.size, 0);
  switch (DRAWN[kind]) {
    case "sum": {
      const parts = all.filter(({ needed }) => needed).map(({ name }) => part(name));
      return bars(parts, [asked(total(parts))]);
    }
    case "rest":
    case "compare": {
      const [one = plain(0), other = plain(0)] = givens
        .filter(({ needed }) => needed)
        .map(({ name }) => part(name))
        .sort((first, second) => second.size - first.size);
      return bars([one], [other, asked(one.size - other.size)]);
    }
    case "enough":
      return braced(bars([part("a"), part("b")], [part("p")]), 0, 0, 1);
    case "groups": {
      const groups = equal(size("n"), size("a"), label("a"));
      const more = ["b", "e"].filter((name) => found(name) !== undefined).map(part);
      const parts = [...groups, ...more];
      return braced(bars(parts, [asked(total(parts))]), 0, 0, groups.length - 1);
    }
    case "spent": {
      const groups = equal(size("n"), size("a"), label("a"));
      return braced(
        bars([part("p")], [...groups, asked(size("p") - total(groups))]),
        1,
        0,
        groups.length - 1,
      );
    }
    case "boxed": {
      const each = (size("t") - size("e")) / size("n");
      const [, ...others] = equal(size("n"), each, "");
      return braced(bars([part("t")], [part("e"), asked(each), ...others]), 1, 1, others.length + 1);
    }
    case "shares": {
      const [whole, each] = found("p") === undefined ? (["t", "n"] as const) : (["p", "a"] as const);
      const times = Math.floor(size(whole) / size(each));
      return bars(
        [part(whole)],
        [...equal(times, size(each), label(each)), asked(size(whole) - times * size(each))],
      );
    }
    case "fraction": {
      const fraction = found("f")?.quantity;
      const [over, under] =
        fraction?.kind === "fraction" ? [Number(fraction.numerator), Number(fraction.denominator)] : [1, 1];
      const each = size("n") / under;
      // The rest is asked, or the part.
      const isAsked = (nth: number): boolean => (kind === "the-rest-of-a-number" ? nth >= over : nth < over);
      const first = kind === "the-rest-of-a-number" ? over : 0;
      const picture = bars(
        [part("n")],
        Array.from({ length: under }, (_, nth) =>
          isAsked(nth) ? { size: each, label: nth === first ? ASKED : "", asked: true } : plain(each),
        ),
      );
      return braced(picture, 1, 0, over - 1);
    }
    case "wholeOf": {
      const parts = equal(size("n"), size("p"), label("p"));
      return bars(parts, [asked(total(parts))]);
    }
    case "rate":
      return bars([plain(1, label("a"))], [asked(found("h") === undefined ? size("n") : size("h"))]);
    case "line": {
      const to = Number(writeAnswer(answer, { ...house, decimalMark: "point" }).replace("−", "-"));
      const rises = to >= size("a");
      return {
        kind: "line",
        comes,
        from: size("a"),
        to,
        ends: [label("a"), ASKED],
        by: `${rises ? "+" : "−"} ${label("b")}`,
        withZero: true,
      };
    }
    case "halves":
      return bars([part("a")], [asked(size("a") / 2), plain(size("a") / 2)]);
    case "saved": {
      const groups = equal(size("n"), size("a"), label("a"));
      return braced(bars(groups, [part("b"), asked(total(groups) - size("b"))]), 0, 0, groups.length - 1);
    }
    case "spentOnBoth": {
      const parts = [part("a"), part("b")];
      return braced(bars([part("p")], [...parts, asked(size("p") - total(parts))]), 1, 0, 1);
    }
    case "emptied": {
      const groups = equal(size("n"), size("a"), label("a"));
      return braced(
        bars([part("t")], [...groups, asked(size("t") - total(groups))]),
        1,
        0,
        groups.length - 1,
      );
    }
    case "clock": {
      const ends = numberOf(answerValueOf(answer, undefined));
      const time = (name: string): string => {
        const given = found(name);
        return given === undefined ? "" : onTheClock(given.quantity, house);
      };
      const shown =
        kind === "how-long-it-took" || answer.kind !== "measure" ? comes : onTheClock(answer, house);
      const leap = { kind: "line", withZero: false, comes: shown } as const;
      if (kind === "when-it-ends")
        return { ...leap, from: size("a"), to: ends, ends: [time("a"), ASKED], by: label("b") };
      return kind === "when-it-began"
        ? { ...leap, from: ends, to: size("a"), ends: [ASKED, time("a")], by: label("b") }
        : { ...leap, from: size("a"), to: size("b"), ends: [time("a"), time("b")], by: ASKED };
    }
  }
}
