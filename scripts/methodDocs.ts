// What docs/methods.md says of each method beyond its words: the decisions it takes, and its board in small.
import { boardAfter } from "@/core/board";
import { PRESETS } from "@/core/house";
import { EVERY_METHOD, METHOD_IDS, type MethodId, workingOf } from "@/core/methods";
import { readProblem } from "@/core/problem";
import { methodWords } from "@/core/wording";
import { textBoard } from "@/render/text";

function sample(id: MethodId): string {
  const house = PRESETS.fillersTrueValue;
  const problem = readProblem(EVERY_METHOD.card(id).sample, house);
  if (!problem.ok) throw new Error(`sample: ${EVERY_METHOD.card(id).sample} does not read`);
  const { layout, steps } = workingOf(problem.value, house, id);
  return textBoard(boardAfter(layout, steps, steps.length), house);
}

/** Each method with its id, what it does, who prefers it, its decisions and a small board. */
export const methodSections = (): string =>
  METHOD_IDS.map((id) => {
    const { name, about, preferredBy } = methodWords(id);
    const { sample: line, decides } = EVERY_METHOD.card(id);
    return [
      `## ${name}`,
      `\`${id}\`. ${about}`,
      preferredBy,
      decides.length === 0
        ? "It leaves nothing to decide."
        : `Decisions: ${decides.map((decision) => `\`${decision}\``).join(", ")}.`,
      `\`${line}\`\n\n\`\`\`text\n${sample(id)}\n\`\`\``,
    ].join("\n\n");
  }).join("\n\n");
