/** What may fail as a matter of course: a value, or the facts of the failure. Bugs throw instead. */
export type Result<Value, Failure> =
  | { readonly ok: true; readonly value: Value }
  | { readonly ok: false; readonly error: Failure };

export const done = <Value>(value: Value): { readonly ok: true; readonly value: Value } => ({
  ok: true,
  value,
});

export const failed = <Failure>(error: Failure): { readonly ok: false; readonly error: Failure } => ({
  ok: false,
  error,
});
