import type { Quantity } from "../../quantity";
import { done, failed } from "../../result";
import { comparedOf } from "../makeProblem";
import { MOST_OPERANDS } from "../problem";
import { unlikeQuantities } from "./problemOf";
import type { FormedLine } from "./readForm";
import type { LineToRead } from "./readQuantity";
import { quantityIn, type ReadResult, startOf } from "./readStretch";
import { listedTokens, stretchOf, type Token, type TokenStretch, wordOf } from "./tokens";

/** What stands on the two sides of a sign that asks how they lie to each other: `0.45 ? 0.6`, `1/3 vs 1/4`. */
export function comparedSides({ tokens }: TokenStretch): readonly [TokenStretch, TokenStretch] | undefined {
  const asks = (token: Token): boolean =>
    /^(?:vs|versus)$/.test(wordOf(token)) || (token.kind === "other" && /^[?_□☐○◯]$/.test(token.text));
  const at = tokens.findIndex(asks);
  if (at < 1 || at === tokens.length - 1 || tokens.filter(asks).length > 1) return undefined;
  return [stretchOf(tokens, 0, at), stretchOf(tokens, at + 1, tokens.length)];
}

/** Numbers to be compared or put in order, with `and`, `;` or `,` and a space between them. */
export const listTask = (op: "compare" | "order", formed: FormedLine, line: LineToRead): ReadResult =>
  partsTask(op, listedTokens(formed.body, ["and", "with", "or"], line.notation), formed, line);

/** The same where the numbers stand parted already. */
export function partsTask(
  op: "compare" | "order",
  parts: readonly TokenStretch[],
  { body, form, formAt }: FormedLine,
  line: LineToRead,
): ReadResult {
  if (form.kind !== "asItComes") return failed({ code: "otherForm", at: formAt, of: "compare" });
  if (op === "compare" && parts.length !== 2) return failed({ code: "compareTwo", at: body.end });
  if (op === "order" && (parts.length < 2 || parts.length > MOST_OPERANDS.order))
    return failed({ code: "orderSeveral", at: body.end, most: MOST_OPERANDS.order });
  const quantities: Quantity[] = [];
  for (const part of parts) {
    const read = quantityIn(part, line);
    if (!read.ok) return read;
    const [first = read.value] = quantities;
    const unlike = unlikeQuantities(first, read.value, startOf(part));
    if (unlike !== undefined) return failed(unlike);
    quantities.push(read.value);
  }
  const problem = comparedOf(op, quantities);
  return problem === undefined ? failed({ code: "compareTwo", at: body.end }) : done(problem);
}
