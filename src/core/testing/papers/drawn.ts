import type { Mark } from "../../board";

/** A paper drawn in signs, and the square of the mark that is wrong on it. */
export interface DrawnPaper {
  readonly marks: readonly Mark[];
  readonly wrong: { readonly col: number; readonly row: number } | undefined;
}

/**
 * Reads a paper from a drawing of it: a sign a square, lines of dashes are rules over the row that follows. What
 * takes no square of its own: a point, `|` for an upright, `!` after the wrong mark, `'7` for a small number in
 * the square before it, `/` after a struck digit. A unit takes one square, however many letters it has. A `~` puts a space inside a fraction's row.
 */
export function drawn(text: string): DrawnPaper {
  const lines = text
    .replace(/^\n/, "")
    .replace(/\n\s*$/, "")
    .split("\n");
  const marks: Mark[] = [];
  let wrong: DrawnPaper["wrong"];
  let row = 0;
  for (const line of lines) {
    if (/^[ -]*--[ -]*$|^ *- *$/.test(line)) {
      for (const match of line.matchAll(/-+/g))
        marks.push({ kind: "rule", row, from: match.index, to: match.index + match[0].length, strokes: 1 });
      continue;
    }
    // A line with bars in it: they lie over the row that follows, its signs in the row before.
    const barred = line.includes("_");
    for (const match of line.matchAll(/_+/g))
      marks.push({ kind: "rule", row, from: match.index, to: match.index + match[0].length, strokes: 1 });
    if (barred) row -= 1;
    let col = 0;
    for (let at = 0; at < line.length; at++) {
      const sign = line[at] ?? " ";
      const here = { col: col - 1, row };
      if (sign === ".") marks.push({ kind: "point", line: col, row, look: "written" });
      else if (sign === "|") marks.push({ kind: "upright", line: col, row, to: row + 1, look: "straight" });
      else if (sign === "!") wrong = line[at - 1] === "." ? { col, row } : here;
      else if (sign === "/") marks.push({ kind: "strike", ...here, target: "square" });
      else if (sign === "'") {
        const small = /^\d+/.exec(line.slice(at + 1))?.[0] ?? "";
        const wide = small.length > 1 && line[at + 1] !== "1" ? small.slice(0, 1) : small.slice(0, 2);
        const digits = line[at + 2] === ";" ? small.slice(0, 1) : wide;
        marks.push({ kind: "small", ...here, position: "low", text: digits });
        at += digits.length + (line[at + digits.length + 1] === ";" ? 1 : 0);
      } else if (/[a-z]/.test(sign)) {
        const word = /^[a-z]+/.exec(line.slice(at))?.[0] ?? sign;
        marks.push({ kind: "glyph", col, row, text: word, look: "written" });
        at += word.length - 1;
        col += 1;
      } else {
        if (sign !== " " && sign !== "_")
          marks.push({ kind: "glyph", col, row, text: sign === "-" ? "−" : sign, look: "written" });
        col += 1;
      }
    }
    row += 1;
  }
  return { marks, wrong };
}
