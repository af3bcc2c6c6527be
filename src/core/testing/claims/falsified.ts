/** Copies of a value with one number in it falsified: each with the way to it, such as `lender.after` or `parts[].whole`. */
export interface Falsified<Value> {
  readonly field: string;
  readonly value: Value;
}

/** A number that is one more, or a digit more where it is written out; nothing where it is no number. */
function oneMore(leaf: unknown): unknown {
  if (typeof leaf === "number") return leaf + 1;
  if (typeof leaf === "bigint") return leaf + 1n;
  if (typeof leaf === "string" && /^\d+$/.test(leaf))
    return String(BigInt(leaf) + 1n).padStart(leaf.length, "0");
  return undefined;
}

/** What is left as it is: a problem that is named is worked on its page and held by itself; `at` is where something stands in a line. */
const LEFT = ["problem", "at"];

/** Every copy of a value in which one number is another. */
export function falsified<Value>(value: Value, field = ""): readonly Falsified<Value>[] {
  const other = oneMore(value);
  // What is put in is of the kind that stood there.
  if (other !== undefined) return [{ field, value: other as Value }];
  if (Array.isArray(value))
    return value.flatMap((item: unknown, nth) =>
      falsified(item, `${field}[]`).map((one) => ({
        field: one.field,
        value: replaced(value, nth, one.value) as Value,
      })),
    );
  if (typeof value !== "object" || value === null) return [];
  return Object.entries(value).flatMap(([name, item]) =>
    LEFT.includes(name)
      ? []
      : falsified(item, field === "" ? name : `${field}.${name}`).map((one) => ({
          field: one.field,
          value: { ...value, [name]: one.value },
        })),
  );
}

const replaced = (all: readonly unknown[], nth: number, by: unknown): readonly unknown[] =>
  all.map((item, at) => (at === nth ? by : item));
