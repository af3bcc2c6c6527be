import type { Result } from "../result";

/** The value of what must not fail where it is asked for; throws with what was wanted and what it failed of. */
export function valueOfResult<Value>(result: Result<Value, unknown> | undefined, wanted: string): Value {
  if (result?.ok) return result.value;
  const failure = JSON.stringify(result?.error, (_, value) =>
    typeof value === "bigint" ? String(value) : value,
  );
  throw new Error(`${wanted}: ${failure ?? "there is nothing"}`);
}
