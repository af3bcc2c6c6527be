import { same } from "../../claims";
import { worked } from "../said/chains";
import type { WrittenPaper } from "./";

/** The statements with a sign of equality in the rows of a paper, worked by an arithmetic that the reader knows nothing of. */
export function statedFalsely({ marks }: WrittenPaper): boolean {
  const rows = new Map<number, Map<number, string>>();
  for (const mark of marks) {
    if (mark.kind !== "glyph" && mark.kind !== "point") continue;
    const [at, sign] = mark.kind === "glyph" ? [2 * mark.col + 1, mark.text] : [2 * mark.line, "."];
    rows.set(mark.row, (rows.get(mark.row) ?? new Map<number, string>()).set(at, sign));
  }
  return [...rows.values()].some((row) => {
    const text = [...row]
      .sort(([a], [b]) => a - b)
      // A number that stands apart is no part of the one before.
      .map(([at, sign], nth, all) => ((all[nth - 1]?.[0] ?? at) < at - 2 ? ` ${sign}` : sign))
      .join("")
      .replace(/ ?([=×+−]) ?/g, "$1");
    const [left = "", right = "", more] = text.split("=");
    if (more !== undefined || !/^\d[\d.×+−]*$/.test(left) || !/^\d+(?:\.\d+)?$/.test(right)) return false;
    const [one, other] = [worked(left), worked(right)];
    return one !== undefined && other !== undefined && !same(one, other);
  });
}
