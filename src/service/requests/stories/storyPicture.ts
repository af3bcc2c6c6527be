import { answerValueOf, fractionOf, writeAnswer } from "@/core/problem";
import { type Quantity, writeQuantity } from "@/core/quantity";
import { operationsOf, type Story, type StoryNumber } from "@/core/stories";
import { onTheClock } from "@/core/wording";
import { DRAWN, type Drawing } from "./storyDrawings";

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
  const numbers = numbersOf(story);
  const drawing = DRAWN[story.kind];
  if (drawing === "line") return changeOnLine(story, numbers);
  if (drawing === "clock") return timesOnLine(story, numbers);
  return { kind: "bars", comes: comesTo(story), ...barsOf(drawing, story, numbers) };
}

/** The numbers of a story by their names in it: how large they are to be drawn, and what stands on them. */
interface Numbers {
  readonly all: readonly StoryNumber[];
  has(name: string): boolean;
  /** None is as large as nothing. */
  size(name: string): number;
  label(name: string): string;
  part(name: string): BarPart;
}

function numbersOf({ givens, working: { house }, missing }: Story): Numbers {
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
  return {
    all,
    has: (name) => found(name) !== undefined,
    size,
    label,
    part: (name) => ({ size: size(name), label: label(name), asked: false }),
  };
}

/** What stands in the place of what is asked, once it is worked. */
function comesTo({ missing, working: { answer, house } }: Story): string {
  if (missing !== undefined) return ASKED;
  switch (answer.kind) {
    case "timesLeft":
      return writeQuantity(answer.left, house);
    case "remainder":
      return writeQuantity(answer.remainder, house);
    default:
      return writeAnswer(answer, house);
  }
}

type Bars = Pick<Extract<StoryPicture, { kind: "bars" }>, "rows" | "braces">;

const asked = (size: number): BarPart => ({ size, label: ASKED, asked: true });
const plain = (size: number, label = ""): BarPart => ({ size, label, asked: false });
const total = (parts: readonly BarPart[]): number => parts.reduce((sum, one) => sum + one.size, 0);
const bars = (...rows: readonly (readonly BarPart[])[]): Bars => ({ rows, braces: [] });

/** Equal parts, of which the first has its name. */
const equal = (count: number, size: number, label: string): readonly BarPart[] =>
  Array.from({ length: count }, (_, nth) => plain(size, nth === 0 ? label : ""));

/** The bars with what the first of several operations comes to over some parts of one. */
function braced(
  { rows }: Bars,
  { working, missing }: Story,
  over: { readonly row: number; readonly from: number; readonly to: number },
): Bars {
  const [first, ...more] = operationsOf(working);
  if (missing !== undefined || first === undefined || more.length === 0) return { rows, braces: [] };
  return { rows, braces: [{ ...over, label: writeAnswer(first.answer, working.house) }] };
}

/** The bars of every kind that is drawn with them. Its numbers are called as in its row of the kinds of stories. */
function barsOf(
  drawing: Exclude<Drawing, "line" | "clock">,
  story: Story,
  { all, has, size, label, part }: Numbers,
): Bars {
  const groups = () => equal(size("n"), size("a"), label("a"));
  /** A bar of which some parts are taken away: what is left of it is asked. */
  const lessThan = (whole: string, taken: readonly BarPart[]): Bars =>
    braced(bars([part(whole)], [...taken, asked(size(whole) - total(taken))]), story, {
      row: 1,
      from: 0,
      to: taken.length - 1,
    });
  switch (drawing) {
    case "sum": {
      const parts = all.filter(({ needed }) => needed).map(({ name }) => part(name));
      return bars(parts, [asked(total(parts))]);
    }
    case "rest":
    case "compare": {
      const [one = plain(0), other = plain(0)] = story.givens
        .filter(({ needed }) => needed)
        .map(({ name }) => part(name))
        .sort((first, second) => second.size - first.size);
      return bars([one], [other, asked(one.size - other.size)]);
    }
    case "enough":
      return braced(bars([part("a"), part("b")], [part("p")]), story, { row: 0, from: 0, to: 1 });
    case "groups": {
      const alike = groups();
      const parts = [...alike, ...["b", "e"].filter(has).map(part)];
      return braced(bars(parts, [asked(total(parts))]), story, { row: 0, from: 0, to: alike.length - 1 });
    }
    case "spent":
      return lessThan("p", groups());
    case "spentOnBoth":
      return lessThan("p", [part("a"), part("b")]);
    case "emptied":
      return lessThan("t", groups());
    case "boxed": {
      const each = (size("t") - size("e")) / size("n");
      const [, ...others] = equal(size("n"), each, "");
      const parts = [part("e"), asked(each), ...others];
      return braced(bars([part("t")], parts), story, { row: 1, from: 1, to: others.length + 1 });
    }
    case "shares": {
      const [whole, each] = has("p") ? (["p", "a"] as const) : (["t", "n"] as const);
      const times = Math.floor(size(whole) / size(each));
      const rest = asked(size(whole) - times * size(each));
      return bars([part(whole)], [...equal(times, size(each), label(each)), rest]);
    }
    case "fraction":
      return fractionOfBar(story, all.find(({ name }) => name === "f")?.quantity, part("n"));
    case "wholeOf": {
      const parts = equal(size("n"), size("p"), label("p"));
      return bars(parts, [asked(total(parts))]);
    }
    case "rate":
      return bars([plain(1, label("a"))], [asked(has("h") ? size("h") : size("n"))]);
    case "halves":
      return bars([part("a")], [asked(size("a") / 2), plain(size("a") / 2)]);
    case "saved": {
      const parts = groups();
      const paid = [part("b"), asked(total(parts) - size("b"))];
      return braced(bars(parts, paid), story, { row: 0, from: 0, to: parts.length - 1 });
    }
  }
}

/** A number cut into as many parts as the fraction says; what is asked is the part it names, or the rest. */
function fractionOfBar(story: Story, fraction: Quantity | undefined, whole: BarPart): Bars {
  const [over, under] =
    fraction?.kind === "fraction" ? [Number(fraction.numerator), Number(fraction.denominator)] : [1, 1];
  const each = whole.size / under;
  const ofRest = story.kind === "the-rest-of-a-number";
  const first = ofRest ? over : 0;
  const cut = Array.from({ length: under }, (_, nth) =>
    nth >= over === ofRest ? { size: each, label: nth === first ? ASKED : "", asked: true } : plain(each),
  );
  return braced(bars([whole], cut), story, { row: 1, from: 0, to: over - 1 });
}

/** A number that rises or falls, on a line with nothing marked. */
function changeOnLine(story: Story, { size, label }: Numbers): StoryPicture {
  const { answer, house } = story.working;
  const to = Number(writeAnswer(answer, { ...house, decimalMark: "point" }).replace("−", "-"));
  return {
    kind: "line",
    comes: comesTo(story),
    from: size("a"),
    to,
    ends: [label("a"), ASKED],
    by: `${to >= size("a") ? "+" : "−"} ${label("b")}`,
    withZero: true,
  };
}

/** Two times of day on a line, and how long it is from one to the other: one of the three is asked. */
function timesOnLine(story: Story, { all, size, label }: Numbers): StoryPicture {
  const { answer, house } = story.working;
  const ends = numberOf(answerValueOf(answer, undefined));
  const time = (name: string): string => {
    const given = all.find((one) => one.name === name);
    return given === undefined ? "" : onTheClock(given.quantity, house);
  };
  const isTime = story.kind !== "how-long-it-took" && answer.kind === "measure";
  const leap = {
    kind: "line",
    withZero: false,
    comes: isTime ? onTheClock(answer, house) : comesTo(story),
  } as const;
  switch (story.kind) {
    case "when-it-ends":
      return { ...leap, from: size("a"), to: ends, ends: [time("a"), ASKED], by: label("b") };
    case "when-it-began":
      return { ...leap, from: ends, to: size("a"), ends: [ASKED, time("a")], by: label("b") };
    default:
      return { ...leap, from: size("a"), to: size("b"), ends: [time("a"), time("b")], by: ASKED };
  }
}
