import type { AnyMethod, Method, MethodId } from "../../methods";
import type { Problem } from "../../problem";

/** What is decided otherwise than soundly in some methods. */
export interface DecisionOverride {
  readonly methods: readonly MethodId[];
  readonly decisions: Readonly<Record<string, unknown>>;
}

/** For methods that share their decisions: what a learner decides otherwise in them. */
export const overrideIn =
  <Decisions extends object>(...methods: readonly Method<MethodId, unknown, Problem, Decisions, string>[]) =>
  (other: Partial<Decisions>): readonly DecisionOverride[] => [
    { methods: methods.map(({ id }) => id), decisions: { ...other } },
  ];

/** The methods in which something is decided otherwise. */
export const methodsOf = (others: readonly DecisionOverride[]): readonly MethodId[] =>
  others.flatMap(({ methods }) => methods);

/** All that is decided otherwise in one method. */
export const overridesFor = (others: readonly DecisionOverride[], method: AnyMethod["id"]): object =>
  Object.assign(
    {},
    ...others.filter(({ methods }) => methods.some((id) => id === method)).map(({ decisions }) => decisions),
  );
