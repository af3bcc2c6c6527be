import type { HandStroke } from "./hand";

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
