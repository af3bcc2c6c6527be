import type { Stroke } from "./strokes";

/** The keys of the learner's board. The help and the README read this. */
export const TURN_KEYS = [
  { shown: "← ↑ → ↓", does: "Move over the squares" },
  { shown: "0–9", does: "Write a digit, and go on the way the method goes" },
  { shown: ". or ,", does: "Write the point on the line beside the square" },
  { shown: "+ − × = : ( )", does: "Write a sign" },
  { shown: "U, $", does: "Write a unit, the next one when pressed again; the sign of the money" },
  { shown: "/", does: "Draw a fraction bar, and go under it" },
  { shown: "C", does: "Small digits: carries, and what a struck digit became" },
  { shown: "S", does: "Strike a digit through" },
  { shown: "R", does: "Draw the rule above this row" },
  { shown: "B", does: "Draw a line left of this square, as before a dividend" },
  { shown: "G", does: "Draw the lattice here" },
  { shown: "J", does: "Draw jumps by dragging" },
  { shown: "D", does: "Write the other way" },
  { shown: "Backspace", does: "Rub out" },
  { shown: "Ctrl Z, Ctrl Y", does: "Undo, do again" },
  { shown: "H", does: "Take a hint, a larger one each time" },
  { shown: "Enter", does: "Check this far" },
] as const;

const SIGNS: Readonly<Record<string, string>> = {
  "+": "+",
  "-": "−",
  "*": "×",
  x: "×",
  "=": "=",
  ":": "÷",
  "(": "(",
  ")": ")",
};

const MOVES: Readonly<Record<string, readonly [number, number]>> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, -1],
  ArrowDown: [0, 1],
};

/** What a pressed key does on the paper; none for keys that do something else. */
export function strokeOf(event: {
  readonly key: string;
  readonly ctrlKey: boolean;
  readonly metaKey: boolean;
  readonly altKey: boolean;
  readonly shiftKey: boolean;
}): Stroke | undefined {
  const { key } = event;
  if (event.ctrlKey || event.metaKey) {
    if (key.toLowerCase() === "z") return { kind: event.shiftKey ? "redo" : "undo" };
    return key.toLowerCase() === "y" ? { kind: "redo" } : undefined;
  }
  if (event.altKey) return undefined;
  const move = MOVES[key];
  if (move !== undefined) return { kind: "move", cols: move[0], rows: move[1] };
  if (/^\d$/.test(key)) return { kind: "glyph", text: key };
  const sign = SIGNS[key];
  if (sign !== undefined) return { kind: "glyph", text: sign };
  switch (key.toLowerCase()) {
    case ".":
    case ",":
      return { kind: "point" };
    case "/":
      return { kind: "bar" };
    case "c":
      return { kind: "hand", hand: "small" };
    case "j":
      return { kind: "hand", hand: "jump" };
    case "s":
      return { kind: "strike" };
    case "r":
      return { kind: "rule" };
    case "b":
      return { kind: "wall" };
    case "d":
      return { kind: "turn" };
    case "backspace":
    case "delete":
      return { kind: "rub" };
    default:
      return undefined;
  }
}
