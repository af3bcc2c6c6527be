import type { Shortcut } from "./shortcut";

/** The keys of the learner's board. The help and the README read this. */
export const TASK_KEYS: readonly Shortcut[] = [
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
];
