import "server-only";

import { LRUCache } from "lru-cache";
import { choicesOf, type HouseRules } from "@/core/house";
import { METHOD_IDS, type MethodId } from "@/core/methods";
import { writeProblem } from "@/core/problem";
import type { KeptBoard } from "@/data";
import { sampleWorking } from "@/service/requests/methodSample";
import { compute } from "@/threads/pool";
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

/** What stands on the methods' page under some house rules, each worked and drawn once. */
const shown = new LRUCache<string, readonly ShownMethod[]>({ max: 4 });

/** Every method with its sample, as the house writes it. */
export async function methodsShown(house: HouseRules): Promise<readonly ShownMethod[]> {
  const choices = choicesOf(house);
  const key = JSON.stringify(choices);
  const known = shown.get(key);
  if (known !== undefined) return known;
  const methods = await Promise.all(METHOD_IDS.map((id) => shownMethod(id, house)));
  shown.set(key, methods);
  return methods;
}

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
