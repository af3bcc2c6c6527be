import type { Reason } from "../methods";
import type { Answer, Problem } from "../problem";
import type { Chains, ClaimsTable, KnownBeside } from "./claimsTable";
import { COLUMN_CLAIMS } from "./columns";
import { FRACTION_CLAIMS } from "./fractions";
import { JUDGING_CLAIMS } from "./judging";
import { MEASURE_CLAIMS } from "./measures";
import { MENTAL_CLAIMS } from "./mental";
import { MONEY_CLAIMS } from "./money";
import { QUOTIENT_CLAIMS } from "./quotients";
import { SETTING_OUT_CLAIMS } from "./settingOut";
import { SIGNED_CLAIMS } from "./signed";
import { VALUE_CLAIMS } from "./values";

/** A kind of reason that is in no family does not compile: what it states has to be said, or that it states nothing. */
const CLAIMS: ClaimsTable = {
  ...SETTING_OUT_CLAIMS,
  ...COLUMN_CLAIMS,
  ...VALUE_CLAIMS,
  ...QUOTIENT_CLAIMS,
  ...JUDGING_CLAIMS,
  ...FRACTION_CLAIMS,
  ...SIGNED_CLAIMS,
  ...MONEY_CLAIMS,
  ...MEASURE_CLAIMS,
  ...MENTAL_CLAIMS,
};

function claimsOf<Kind extends Reason["kind"]>(
  kind: Kind,
  reason: Extract<Reason, { readonly kind: Kind }>,
  known: KnownBeside,
): readonly boolean[] {
  const claims: ClaimsTable[Kind] = CLAIMS[kind];
  return typeof claims === "string" ? [] : claims(reason, known);
}

/** A working as far as its claims go: steps that state what no method states claim nothing. */
export interface Claiming {
  readonly steps: readonly {
    readonly reason: Reason | { readonly kind: string };
    readonly page?: { readonly index: number };
  }[];
  readonly problem: Problem;
  readonly answer: Answer;
}

const isReason = (reason: Reason | { readonly kind: string }): reason is Reason =>
  Object.hasOwn(CLAIMS, reason.kind);

/**
 * The steps of a working, by their index, of which something that they state does not hold: a column sum, a carry, an
 * exchange, a product of two digits, a "how many times". It knows the reasons and nothing of the methods. `left` is
 * what was carried and never written.
 */
export function falseSteps({ steps, problem, answer }: Claiming): {
  readonly steps: readonly number[];
  readonly left: readonly string[];
} {
  const chains: Chains = { columns: 0, products: 0, diagonals: 0, parts: 0, paying: 0, owed: 0 };
  const units = { carried: 0n };
  // Each page works the problem that was last named when it was begun.
  const asked = new Map<number, Problem>([[0, problem]]);
  let named = problem;
  const found = steps.flatMap(({ reason, page }, nth) => {
    if (!isReason(reason)) return [];
    const index = page?.index ?? 0;
    const here = asked.get(index) ?? named;
    asked.set(index, here);
    if ("problem" in reason) named = reason.problem;
    const operands = here.kind === "decimals" ? here.operands : [];
    const holds = claimsOf(reason.kind, reason, {
      problem: here,
      operands,
      chains,
      units,
      answer: nth === steps.length - 1 ? answer : undefined,
    });
    return holds.every(Boolean) ? [] : [nth];
  });
  const left = Object.entries({ ...chains, units: Number(units.carried) }).filter(([, count]) => count !== 0);
  return { steps: found, left: left.map(([chain]) => chain) };
}
