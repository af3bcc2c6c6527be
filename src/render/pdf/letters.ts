import { createRequire } from "node:module";
import path from "node:path";
import * as fontkit from "fontkit";

const require = createRequire(import.meta.url);

/** One font of the printed letters. */
interface Letters {
  readonly letters: string;
  readonly file: string;
  readonly font: fontkit.Font;
}

function opened(letters: string, file: string): Letters {
  const font = fontkit.openSync(file);
  if (!("layout" in font)) throw new Error(`${file} holds several fonts`);
  return { letters, file, font };
}

/** Andika as its package has it, then the few signs it lacks, which lie beside this file's source. */
function openedLetters(bold: boolean): readonly Letters[] {
  const andika = path.dirname(require.resolve("@fontsource/andika/package.json"));
  const weight = bold ? 700 : 400;
  return [
    opened("latin", path.join(andika, `files/andika-latin-${weight}-normal.woff`)),
    opened("more", path.join(andika, `files/andika-latin-ext-${weight}-normal.woff`)),
    opened("signs", path.join(andika, "../../../src/render/pdf/signs.ttf")),
  ];
}

const held = new Map<boolean, readonly Letters[]>();

/** The fonts in the order in which a sign is looked for in them. */
export function fontsFor(bold: boolean): readonly Letters[] {
  const known = held.get(bold) ?? openedLetters(bold);
  held.set(bold, known);
  return known;
}

/** A stretch of a text in one font. */
interface Run {
  readonly letters: string;
  readonly font: fontkit.Font;
  readonly text: string;
}

/** A text cut where another font has to take over, and the signs that no font has. */
export function runsOf(
  text: string,
  bold: boolean,
): { readonly runs: readonly Run[]; readonly missing: readonly string[] } {
  const runs: Run[] = [];
  const missing: string[] = [];
  for (const sign of text) {
    const found = fontsFor(bold).find(({ font }) => font.hasGlyphForCodePoint(sign.codePointAt(0) ?? 0));
    const last = runs.at(-1);
    if (found === undefined) missing.push(sign);
    else if (last?.letters === found.letters) runs[runs.length - 1] = { ...last, text: last.text + sign };
    else runs.push({ letters: found.letters, font: found.font, text: sign });
  }
  return { runs, missing };
}

const widths = new Map<string, number>();

/** How wide a text is at a size, in the unit of the size. */
export function widthOf(text: string, size: number, bold: boolean): number {
  const key = `${bold} ${text}`;
  const known = widths.get(key);
  if (known !== undefined) return known * size;
  const width = runsOf(text, bold).runs.reduce(
    (sum, run) => sum + run.font.layout(run.text).advanceWidth / run.font.unitsPerEm,
    0,
  );
  if (widths.size > 20_000) widths.clear();
  widths.set(key, width);
  return width * size;
}

/** A text without the signs that can't be printed. */
export const printable = (text: string): string =>
  runsOf(text, true)
    .runs.map((run) => run.text)
    .join("")
    .trim();
