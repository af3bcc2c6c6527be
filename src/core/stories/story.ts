import type { HouseRules } from "../house";
import { type Working, workingOf } from "../methods";
import { exactAnswer, operandsOf, type Problem } from "../problem";
import type { Quantity } from "../quantity";
import { done, failed, type Result } from "../result";
import { type RandomSource, randomFrom, readTypedLine } from "../sheets";
import { STORY_KINDS, type StoryKindId } from "./kinds";
import { STORY_PATTERN_IDS, type StoryPatternId, type Structure } from "./kinds/kind";
import { houseOfStock, type StockList, type Thing } from "./stock/stock";
import { STORY_UNITS } from "./stock/storyUnits";

/** A number of a story: a count, or a quantity with its unit; and whether the question needs it. */
export interface StoryNumber {
  readonly name: string;
  readonly quantity: Quantity;
  /** The same as it is worked with, and the sign of its unit, where the text has it in another one. */
  readonly changed?: { readonly quantity: Quantity; readonly into: string };
  readonly needed: boolean;
}

/** A story: what it is about, what is given, and the problem that answers its question, worked. */
export interface Story {
  readonly kind: StoryKindId;
  readonly seed: number;
  readonly structure: Structure;
  readonly steps: number;
  readonly things: readonly Thing[];
  readonly givens: readonly StoryNumber[];
  /** What the question needs and the text does not say; worked with all the same. */
  readonly missing?: { readonly name: string; readonly quantity: Quantity };
  /** The givens as they are typed, the same for every house. */
  readonly typed: Readonly<Record<string, string>>;
  readonly working: Working;
  /** Whole numbers from 0 by which one of several phrasings and names are taken. */
  readonly phrasing: readonly [tells: number, asks: number, who: number];
}

/** How often a kind is drawn before it is given up. */
const MOST_TRIES = 200;
const PHRASINGS = 1000;

/** A story of a kind about the things of a stock list; the same one for the same seed. Fails where the list has nothing for it. */
export function drawStory(
  id: StoryKindId,
  stock: StockList,
  rules: HouseRules,
  seed: number,
): Result<Story, "nothingDrawn"> {
  const kind = STORY_KINDS.find((one) => one.id === id);
  if (kind === undefined) throw new Error(`No kind of story is ${id}`);
  const { system = "metric" } = stock;
  if (kind.isMetric && system !== "metric") return failed("nothingDrawn");
  const house = houseOfStock(stock, rules);
  const chances = randomFrom(seed);
  for (let nth = 0; nth < MOST_TRIES; nth++) {
    const draft = kind.draw(chances, stock.things, STORY_UNITS[system]);
    if (draft === undefined) continue;
    const { givens: typed, things, told } = draft;
    const working = worked(lineOf(draft.line, typed), house);
    if (working === undefined) continue;
    const givens = Object.entries(typed).flatMap(([name, text]): readonly StoryNumber[] => {
      const [quantity, inText] = [quantityOf(text, house), quantityOf(told?.[name]?.text ?? text, house)];
      if (quantity === undefined || inText === undefined) return [];
      const into = told?.[name]?.into;
      const changed = into === undefined ? {} : { changed: { quantity, into } };
      return [{ name, quantity: inText, ...changed, needed: draft.needless?.includes(name) !== true }];
    });
    const { structure, steps } = kind;
    const missing = givens.find(({ name }) => name === kind.missing?.given);
    const phrasing = [below(chances), below(chances), below(chances)] as const;
    return done({
      kind: kind.id,
      seed,
      structure,
      steps,
      things,
      givens: givens.filter((one) => one !== missing),
      ...(missing === undefined ? {} : { missing: { name: missing.name, quantity: missing.quantity } }),
      typed: {
        ...typed,
        ...Object.fromEntries(Object.entries(told ?? {}).map(([name, { text }]) => [name, text])),
      },
      working,
      phrasing,
    });
  }
  return failed("nothingDrawn");
}

/** A line with its givens filled in, whole or in part. */
const lineOf = (line: string, typed: Readonly<Record<string, string>>): string =>
  line.replaceAll(/\{(\w)(?:\.(\w{1,6}))?\}/g, (_, name: string, part: string | undefined) => {
    const text = typed[name] ?? "";
    const [over = "", under = ""] = text.split("/");
    switch (part) {
      case "bare":
        return text.replaceAll(/[^\d.]/g, "");
      case "under":
        return under;
      case "rest":
        return `${Number(under) - Number(over)}/${under}`;
      default:
        return text;
    }
  });

/** A problem that a learner with a pattern would work in the place of a story's own. */
export interface StoryWrong {
  readonly pattern: StoryPatternId;
  readonly problem: Problem;
}

/** What learners with each pattern would work for a story, where that can be read and worked at all. */
export function wrongLines({ kind, typed, working: { house } }: Story): readonly StoryWrong[] {
  const lines = STORY_KINDS.find(({ id }) => id === kind)?.wrong;
  return STORY_PATTERN_IDS.flatMap((pattern) =>
    (lines?.[pattern] ?? []).flatMap((line): readonly StoryWrong[] => {
      const read = readTypedLine(lineOf(line, typed), house);
      // Nobody takes more from a price or a mass than there is.
      if (!read.ok || exactAnswer(read.value).s < 0n) return [];
      return [{ pattern, problem: read.value }];
    }),
  );
}

/** The whole number that answers a story whose quotient has to be rounded: up or down; none of another one. */
export function wantedWhole({ kind, working: { answer } }: Story): bigint | undefined {
  const rounds = STORY_KINDS.find(({ id }) => id === kind)?.rounds;
  if (rounds === undefined || answer.kind !== "remainder") return undefined;
  return BigInt(answer.quotient.whole) + (rounds === "up" ? 1n : 0n);
}

/** Whether a text without a number names what a story does not tell. */
export function namesMissing({ kind, things }: Story, text: string): boolean {
  const missing = STORY_KINDS.find(({ id }) => id === kind)?.missing;
  // Who names a price names what a thing costs.
  const said = text.toLowerCase().replaceAll("price", "cost");
  return (
    missing?.named(things).every((word) => said.includes(word)) === true &&
    (missing.other === undefined || !said.includes(missing.other))
  );
}

const below = (chances: RandomSource): number => chances.below(PHRASINGS);

function worked(line: string, house: HouseRules): Working | undefined {
  const read = readTypedLine(line, house);
  return read.ok ? workingOf(read.value, house) : undefined;
}

/** A number as it is typed, read as the first one of a sum with itself. */
function quantityOf(typed: string, house: HouseRules): Quantity | undefined {
  const read = readTypedLine(`${typed} + ${typed.startsWith("-") ? `(${typed})` : typed}`, house);
  return read.ok ? operandsOf(read.value)[0] : undefined;
}
