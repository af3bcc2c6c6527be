import { featuresOf, isTrait, type TraitCounts, traitCounts } from "@/core/features";
import { type HouseChoices, type HouseRules, houseRulesFrom } from "@/core/house";
import { type Working, workingOf } from "@/core/methods";
import { readProblem, writeAnswer, writeProblem } from "@/core/problem";
import { done, failed, type Result } from "@/core/result";
import { drawInPlace, isSkill, notchFrom, type RungPlace, rungOf, twinOf } from "@/core/sheets";
import { drawStory, KINDS_ON_SHEETS, type StockList, type StoryOfRow, wantedWhole } from "@/core/stories";
import { houseRefusalWords, NO_NOTCH, readErrorWords, WORKSHOP, wordedStory } from "@/core/wording";
import type { Refusal } from "../../refusal";

/** A problem of a sheet as it is shown: how it is written, its answer, its place on the ladder, and what it trains. */
export interface ShownRow {
  readonly problem: string;
  readonly answer: string;
  /** None of a typed problem. */
  readonly skill?: string | undefined;
  /** 1 for plain to 4 for the trap; none of a typed problem. */
  readonly notch?: number | undefined;
  readonly traits: TraitCounts;
  /** The story it answers; none of a bare problem. */
  readonly story?: StoryOfRow | undefined;
}

/** A worked problem as a row; the notch counted from 0, as the ladder counts. */
export const shownRow = (working: Working, place?: RungPlace, story?: StoryOfRow): ShownRow => ({
  problem: writeProblem(working.problem, working.house),
  answer: story?.whole ?? writeAnswer(working.answer, working.house),
  ...(place === undefined ? {} : { skill: place.skill, notch: place.notch + 1 }),
  traits: traitCounts(featuresOf(working)),
  ...(story === undefined ? {} : { story }),
});

/** A problem that is to be shown as it is, or that another is to be drawn for: as hard, or a notch easier or harder. */
interface AskedRow {
  readonly problem: string;
  readonly skill?: string | undefined;
  readonly notch?: number | undefined;
  readonly by?: -1 | 0 | 1 | undefined;
  /** The story it answers; with its kind, another one of the kind is drawn for it. */
  readonly story?: StoryOfRow | undefined;
}

export interface RowsRequest {
  readonly house?: HouseChoices | undefined;
  readonly rows: readonly AskedRow[];
  /** Traits that nothing drawn may have, and problems that it must not be. */
  readonly never?: readonly string[] | undefined;
  readonly without?: readonly string[] | undefined;
  readonly seed: number;
  /** The list that stories are about; the workshop's where none is given. */
  readonly stock?: StockList | undefined;
}

/** What stands for a row that was asked for, or why nothing does; a line that does not read is kept as it was typed. */
export type RowResult = ShownRow | { readonly problem: string; readonly error: Refusal };

/** How far the seeds of two rows lie apart. */
const APART = 6151;

/** Rows read, worked, and where that is asked, drawn anew: each by itself, so that one that can't be leaves the others. */
export function rowsRequested(
  request: RowsRequest,
): Result<{ readonly rows: readonly RowResult[] }, Refusal> {
  const rules = houseRulesFrom(request.house ?? {});
  if (!rules.ok) return failed({ code: rules.error.kind, message: houseRefusalWords(rules.error) });
  const house = rules.value;
  const never = (request.never ?? []).filter(isTrait);
  const without = new Set(request.without ?? []);
  const rows = request.rows.map((asked, nth): RowResult => {
    if (asked.story !== undefined && asked.by !== undefined) {
      const row = storyDrawnFor(
        asked.story,
        asked.by,
        house,
        request.seed + nth * APART,
        without,
        request.stock,
      );
      if (row.ok) without.add(row.value.problem);
      return row.ok ? row.value : { problem: asked.problem, error: row.error };
    }
    const read = readProblem(asked.problem, house);
    if (!read.ok) {
      const { code, at } = read.error;
      const message = readErrorWords(read.error, house);
      return { problem: asked.problem, error: { code, message, at } };
    }
    const place = placeOf(asked);
    if (asked.by === undefined) return shownRow(workingOf(read.value, house), place, asked.story);
    const row = drawnFor(asked, asked.by, place, house, request.seed + nth * APART, never, without);
    if (row.ok) without.add(row.value.problem);
    return row.ok ? row.value : { problem: asked.problem, error: row.error };
  });
  return done({ rows });
}

const placeOf = ({ skill, notch }: AskedRow): RungPlace | undefined =>
  isSkill(skill) && notch !== undefined ? { skill, notch: notch - 1 } : undefined;

/** Seeds that are tried for a story that is none of some problems. */
const STORY_TRIES = 60;

/** Another story of the kind of one; none where it is of no kind, or is to be a notch easier or harder. */
function storyDrawnFor(
  { kind: asked }: StoryOfRow,
  by: -1 | 0 | 1,
  house: HouseRules,
  seed: number,
  without: ReadonlySet<string>,
  stock: StockList = WORKSHOP,
): Result<ShownRow, Refusal> {
  const refused = (message: string) => failed<Refusal>({ code: "nothingDrawn", message });
  const kind = KINDS_ON_SHEETS.find(({ id }) => id === asked)?.id;
  if (kind === undefined) return refused(NO_NOTCH.noOther);
  if (by !== 0) return refused(by < 0 ? NO_NOTCH.easier : NO_NOTCH.harder);
  for (let tried = seed; tried < seed + STORY_TRIES; tried++) {
    const drawn = drawStory(kind, stock, house, tried);
    if (!drawn.ok || without.has(writeProblem(drawn.value.working.problem, house))) continue;
    const { whole: text, answer } = wordedStory(drawn.value, house);
    const whole = wantedWhole(drawn.value)?.toString();
    return done(shownRow(drawn.value.working, undefined, { text, answer, whole, kind, seed: tried }));
  }
  return refused(NO_NOTCH.noOther);
}

/** Another problem for a row: from its rung, or where it has none and none is harder or easier, its twin. */
function drawnFor(
  { problem: line }: AskedRow,
  by: -1 | 0 | 1,
  given: RungPlace | undefined,
  house: HouseRules,
  seed: number,
  never: Parameters<typeof drawInPlace>[1],
  without: ReadonlySet<string>,
): Result<ShownRow, Refusal> {
  const read = readProblem(line, house);
  if (!read.ok) throw new Error("drawnFor: the problem was read before");
  const refused = (message: string) => failed<Refusal>({ code: "nothingDrawn", message });
  if (by === 0 && given === undefined) {
    const twin = twinOf(read.value, house, seed);
    if (!twin.ok || without.has(writeProblem(twin.value, house))) return refused(NO_NOTCH.noOther);
    return done(shownRow(workingOf(twin.value, house)));
  }
  const here = given ?? rungOf(read.value, house);
  if (here === undefined) return refused(NO_NOTCH.none);
  const place = by === 0 ? here : notchFrom(here, by);
  if (place === undefined) return refused(by < 0 ? NO_NOTCH.easier : NO_NOTCH.harder);
  const drawn = drawInPlace(place, never, house, seed, without);
  return drawn.ok ? done(shownRow(drawn.value.working, place)) : refused(NO_NOTCH.noOther);
}
