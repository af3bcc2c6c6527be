import { sameJson } from "./sameJson";

/** What two windows made of the same thing, put together, and where they differ. */
export interface Merged<Value> {
  readonly value: Value;
  readonly clashes: readonly (keyof Value)[];
}

/**
 * What two windows made of what both began with: each keeps what only it changed; where both changed the same
 * to something else, it is a clash, and `mine` stands.
 */
export function merged<Value extends object>(base: Value, mine: Value, theirs: Value): Merged<Value> {
  const names = Object.keys(theirs) as (keyof Value)[];
  const clashes: (keyof Value)[] = [];
  const value = { ...mine };
  for (const name of names) {
    const same = (a: Value, b: Value): boolean => sameJson(a[name], b[name]);
    if (same(mine, base)) value[name] = theirs[name];
    else if (!same(theirs, base) && !same(mine, theirs)) clashes.push(name);
  }
  return { value, clashes };
}
