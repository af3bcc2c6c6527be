import "server-only";

import { LRUCache } from "lru-cache";
import { choicesOf, type HouseRules } from "@/core/house";
import { METHOD_IDS, type MethodId } from "@/core/methods";
import { writeProblem } from "@/core/problem";
import type { KeptBoard } from "@/data";
import { sampleWorking } from "@/service/requests/methodSample";
import { compute } from "@/threads/pool";
import type { Computing } from "@/threads/tasks";
import { headingOf, type ShownMethod } from "@/ui/methods/MethodsScreen";

/** Drawings that were made before, by what they are of: as much HTML as some hundred boards take. */
const drawn = new LRUCache<string, string>({
  maxSize: 8_000_000,
  sizeCalculation: (html) => html.length + 1,
});

/** The pictures of some kept boards as HTML, in their order; empty where one can't be drawn in time. */
export async function picturesOf(boards: readonly KeptBoard[]): Promise<readonly string[]> {
  const asked = boards.map(({ problem, method, house, step }) => {
    const board = { problem, method, house: choicesOf(house), step };
    return { board, key: `board ${JSON.stringify(board)}` };
  });
  const missing = asked.filter(({ key }) => !drawn.has(key));
  if (missing.length > 0) {
    const made = await compute("thumbnails", { boards: missing.map(({ board }) => board) });
    if (made.ok) for (const [index, { key }] of missing.entries()) drawn.set(key, made.value[index] ?? "");
  }
  return asked.map(({ key }) => drawn.get(key) ?? "");
}

/** Keeps the last few of what a page works out, by what it is asked with; what failed is asked for again. */
function remembered<Asked, Made>(
  make: (asked: Asked) => Promise<Made>,
  most: number,
): (asked: Asked) => Promise<Made> {
  const known = new LRUCache<string, { readonly made: Made }>({ max: most });
  return async (asked) => {
    const key = JSON.stringify(asked);
    const before = known.get(key);
    if (before !== undefined) return before.made;
    const made = await make(asked);
    if (made !== undefined) known.set(key, { made });
    return made;
  };
}

/** How many house rules are remembered: a tutor's own, and those of a few boards. */
const HOUSES = 4;

/** Every method with its sample, as the house writes it. */
export const methodsShown = remembered(
  (house: HouseRules): Promise<readonly ShownMethod[]> =>
    Promise.all(METHOD_IDS.map((id) => shownMethod(id, house))),
  HOUSES,
);

/** What each switch changes, under the rules of a house; none where it can't be worked out in time. */
export const samplesShown = remembered(async (house: HouseRules) => {
  const made = await compute("switchSamples", { house: choicesOf(house) });
  return made.ok ? made.value : undefined;
}, HOUSES);

/** A story of a tutor's own as its page begins with it; none where it can't be worked out. */
export const storyWorked = remembered(async (asked: Parameters<Computing["workOwnStory"]>[0]) => {
  const worked = await compute("workOwnStory", asked);
  return worked.ok && worked.value.ok ? worked.value.value : undefined;
}, 2 * HOUSES);

async function shownMethod(id: MethodId, house: HouseRules): Promise<ShownMethod> {
  const { problem } = sampleWorking(id, house);
  const drawing = await compute("methodSample", { method: id, house: choicesOf(house) });
  return {
    id,
    line: writeProblem(problem, house),
    heading: headingOf(problem),
    drawing: drawing.ok ? drawing.value : "",
  };
}
