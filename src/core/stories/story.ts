import type { HouseRules } from "../house";
import { type Working, workingOf } from "../methods";
import { operandsOf } from "../problem";
import type { Quantity } from "../quantity";
import { done, failed, type Result } from "../result";
import { type Chances, chancesFrom, readTyped } from "../sheets";
import { STORY_KINDS, type StoryKindId, type Structure } from "./kinds";
import type { StockList, Thing } from "./stock";

/** A number of a story: a count, or a quantity with its unit; and whether the question needs it. */
export interface Given {
  readonly name: string;
  readonly quantity: Quantity;
  readonly needed: boolean;
}

/** A story: what it is about, what is given, and the problem that answers its question, worked. */
export interface Story {
  readonly kind: StoryKindId;
  readonly structure: Structure;
  readonly steps: number;
  readonly things: readonly Thing[];
  readonly givens: readonly Given[];
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
  house: HouseRules,
  seed: number,
): Result<Story, "nothingDrawn"> {
  const kind = STORY_KINDS.find((one) => one.id === id);
  if (kind === undefined) throw new Error(`No kind of story is ${id}`);
  const chances = chancesFrom(seed);
  for (let nth = 0; nth < MOST_TRIES; nth++) {
    const draft = kind.draw(chances, stock.things);
    if (draft === undefined) continue;
    const line = draft.line.replaceAll(/\{(\w)\}/g, (_, name: string) => draft.givens[name] ?? "");
    const working = worked(line, house);
    if (working === undefined) continue;
    const givens = Object.entries(draft.givens).flatMap(([name, typed]): readonly Given[] => {
      const quantity = quantityOf(typed, house);
      const needed = draft.needless?.includes(name) !== true;
      return quantity === undefined ? [] : [{ name, quantity, needed }];
    });
    const { structure, steps } = kind;
    const phrasing = [below(chances), below(chances), below(chances)] as const;
    return done({ kind: kind.id, structure, steps, things: draft.things, givens, working, phrasing });
  }
  return failed("nothingDrawn");
}

const below = (chances: Chances): number => chances.below(PHRASINGS);

function worked(line: string, house: HouseRules): Working | undefined {
  const read = readTyped(line, house);
  return read.ok ? workingOf(read.value, house) : undefined;
}

/** A number as it is typed, read as the first one of a sum with itself. */
function quantityOf(typed: string, house: HouseRules): Quantity | undefined {
  const read = readTyped(`${typed} + ${typed.startsWith("-") ? `(${typed})` : typed}`, house);
  return read.ok ? operandsOf(read.value)[0] : undefined;
}
