import QRCode from "qrcode";
import { PRINT_WORDS } from "@/core/wording";
import { footLine } from "./composing";
import { type MeasureText, type PageItem, type PrintPage, printedText } from "./page";

/** Side of the small square of the code, and the size of its letters. */
const SIDE = 44;
const LETTERS = 8;

/** The code of a sheet, to be typed or read by a camera, with its right top corner at a place. */
export function codeItems(
  code: string,
  right: number,
  top: number,
  measure: MeasureText,
): { readonly items: readonly PageItem[]; readonly width: number; readonly bottom: number } {
  const { modules } = QRCode.create(code, { errorCorrectionLevel: "M" });
  const unit = SIDE / modules.size;
  const rows = Array.from({ length: modules.size }, (_, row) => row);
  const squares = rows.flatMap((row) =>
    rows.flatMap((col) =>
      modules.get(row, col) === 1 ? [`M${col * unit} ${row * unit}h${unit}v${unit}h${-unit}Z`] : [],
    ),
  );
  return {
    items: [
      {
        kind: "path",
        x: right - SIDE,
        y: top,
        d: squares.join(""),
        ink: "ink",
        weight: "filled",
        dashed: false,
      },
      printedText(
        right - SIDE / 2 - measure(code, LETTERS, false) / 2,
        top + SIDE + LETTERS + 2,
        LETTERS,
        code,
      ),
    ],
    width: SIDE,
    bottom: top + SIDE + LETTERS + 4,
  };
}

/** Pages with their title, code and number at the foot. */
export function withFeet(
  pages: readonly PrintPage[],
  title: string,
  code: string | undefined,
  measure: MeasureText,
): readonly PrintPage[] {
  return pages.map((page, nth) => {
    const y = footLine(page);
    const number = PRINT_WORDS.page(nth + 1, pages.length);
    const right = page.width - 40 - measure(number, 8.5, false);
    const foot = code === undefined ? title : `${title} · ${code}`;
    return {
      ...page,
      items: [
        ...page.items,
        printedText(40, y, 8.5, foot, { ink: "soft" }),
        printedText(right, y, 8.5, number, { ink: "soft" }),
      ],
    };
  });
}
