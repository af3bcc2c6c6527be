import { runOf } from "@/core/checks";
import type { HouseChoices, HouseRules } from "@/core/house";
import type { MethodId } from "@/core/methods";
import { EVERY_METHOD, workingOf } from "@/core/methods";
import { readProblem, writeProblem } from "@/core/problem";
import { methodWords } from "@/core/wording";
import { pageFor } from "@/render/board";
import { smallBoard } from "@/render/svg";
import { houseGiven } from "@/service/requests/marking/marking";
import { sampleWorking } from "@/service/requests/methodSample";

/** A kept board as far as its picture goes. */
interface ThumbnailOf {
  readonly problem: string;
  readonly method: MethodId;
  readonly house: HouseChoices;
  readonly step: number;
}

/** Width over height of a card's picture; the paper is made just so large that it fills it. */
const THUMBNAIL_SHAPE = 8 / 5;

/** Free squares around what is written. */
const FREE = { across: 1, above: 1, below: 1 };

/** The pictures of some kept boards as HTML, each at the step where it was left; empty where its problem no longer reads. */
export const thumbnails = ({ boards }: { readonly boards: readonly ThumbnailOf[] }): readonly string[] =>
  boards.map(({ house, ...board }) => thumbnail(board, houseGiven(house)));

function thumbnail({ problem: line, method, step }: Omit<ThumbnailOf, "house">, house: HouseRules): string {
  const problem = readProblem(line, house);
  if (!problem.ok) return "";
  const { working, steps } = runOf(workingOf(problem.value, house, method), EVERY_METHOD);
  const shown = Math.min(step, steps.length);
  const tight = pageFor(working.layout, steps, shown, { columns: 12, rows: 0 }, FREE);
  const rows = Math.max(tight.bottom - tight.top, Math.ceil((tight.right - tight.left) / THUMBNAIL_SHAPE));
  const columns = Math.round(rows * THUMBNAIL_SHAPE);
  const page = pageFor(working.layout, steps, shown, { columns, rows }, FREE);
  return smallBoard(working.layout, steps, shown, page, house, "");
}

/** A method's sample worked under some house rules, as HTML of its board. */
export function methodSample({
  method,
  house: choices,
}: {
  readonly method: MethodId;
  readonly house: HouseChoices;
}): string {
  const house = houseGiven(choices);
  const { layout, steps, problem } = sampleWorking(method, house);
  const page = pageFor(layout, steps, steps.length, { columns: 14, rows: 0 }, FREE);
  const label = `${writeProblem(problem, house)} by ${methodWords(method).name.toLowerCase()}`;
  return smallBoard(layout, steps, steps.length, page, house, label);
}
