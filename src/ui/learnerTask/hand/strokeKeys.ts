import type { HandStroke } from "./hand";

/** The keys of the learner's board. The help and the README read this. */
export const TURN_KEYS = [
  { shown: "← ↑ → ↓", does: "Move over the squares" },
  { shown: "0–9", does: "Write a digit, and go on the way the method goes" },
  { shown: "Enter", does: "Go to the next line; a sign there stands before the column" },
  { shown: "Space", does: "Leave a square empty; again, to where the next number begins in the row above" },
  { shown: ". or ,", does: "Write the point on the line beside the square" },
  { shown: "+ − × = : ( )", does: "Write a sign" },
  { shown: "U, $", does: "Write a unit, the next one when pressed again; the sign of the money" },
  { shown: "/", does: "Draw a fraction bar and go under it; once more to go on behind it" },
  { shown: "C", does: "A small digit: over the column a carry, over a digit what it became" },
  { shown: "S", does: "Strike a digit through, and write small what it became" },
  { shown: "R", does: "Draw the rule under this row" },
  { shown: "B", does: "Draw a line left of this square, as before a dividend; twice for its roof" },
  { shown: "Q", does: "To the quotient, and back" },
  { shown: "G", does: "Draw the lattice here" },
  { shown: "P, Shift P", does: "Lay a counter, a coin or a piece; make it the next kind" },
  {
    shown: "W",
    does: "Draw a whole: a bar, then a circle, then a square; digits cut it, × and a digit cut every part again",
  },
  { shown: "A, Shift A", does: "Shade one part more, one part fewer" },
  { shown: "M", does: "Take up what lies here, and put it down; wholes with equal parts join" },
  { shown: "E", does: "Exchange a piece for ten smaller ones, or ten for a larger one" },
  { shown: "J, F", does: "Draw jumps, or a frame: drag, or press Space at both ends" },
  { shown: "D", does: "Write the other way" },
  { shown: "Backspace", does: "Rub out" },
  { shown: "Ctrl Z, Ctrl Y", does: "Undo, do again" },
  { shown: "V", does: "Tick off the next number of the problem" },
  { shown: "H", does: "Take a hint, a larger one each time" },
  { shown: "Ctrl Enter", does: "Check this far" },
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
}): HandStroke | undefined {
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
    case "f":
      return { kind: "hand", hand: "box" };
    case "w":
      return { kind: "shape", look: "bar" };
    case "a":
      return { kind: "shade", more: !event.shiftKey };
    case "m":
      return { kind: "take" };
    case "e":
      return { kind: "trade" };
    case "q":
      return { kind: "quotient" };
    case "enter":
      return { kind: "line" };
    case " ":
      return { kind: "ahead" };
    case "d":
      return { kind: "turn" };
    case "backspace":
    case "delete":
      return { kind: "rub" };
    default:
      return undefined;
  }
}
