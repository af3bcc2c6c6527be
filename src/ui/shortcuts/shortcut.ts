/** A key, or several that do one thing: how it is shown, and what it does. */
export interface Shortcut {
  readonly shown: string;
  readonly does: string;
  /** The names that the browser has for it; none of keys that a field or a row of a list listens to itself. */
  readonly keys?: readonly string[];
}
