import PDFDocument from "pdfkit";
import { done, failed, type Result } from "@/core/result";
import { printedColour } from "@/service/tokens";
import {
  type PageItem,
  type PrintInk,
  type Printing,
  type PrintPage,
  type SheetToPrint,
  sheetPages,
} from "../print";
import { fontsFor, runsOf, widthOf } from "./letters";

const INKS: Readonly<Record<PrintInk, string>> = {
  ink: printedColour("ink"),
  soft: printedColour("soft"),
  squares: printedColour("squares"),
  plumb: printedColour("plumb"),
};
const PAGE = printedColour("page");

/** How thick the outline of a hollow sign is, in parts of its size. */
const OUTLINE = 0.028;

/**
 * A sheet and its key as a PDF: vectors, and text in embedded letters that can be read back. Fails with the signs that
 * no letters here have, before anything is written.
 */
export async function sheetPdf(
  sheet: SheetToPrint,
  printing: Printing,
): Promise<Result<Uint8Array, { readonly missing: readonly string[] }>> {
  const pages = sheetPages(sheet, printing, widthOf);
  const missing = [...new Set(pages.flatMap(({ items }) => items.flatMap(missingIn)))];
  if (missing.length > 0) return failed({ missing });
  const document = new PDFDocument({ autoFirstPage: false, margin: 0, info: { Title: sheet.title } });
  for (const bold of [false, true])
    for (const { letters, file } of fontsFor(bold)) document.registerFont(`${letters} ${bold}`, file);
  const parts: Uint8Array[] = [];
  const ended = new Promise<void>((resolve, reject) => {
    document.on("data", (part: Uint8Array) => parts.push(part));
    document.on("end", () => resolve());
    document.on("error", reject);
  });
  for (const page of pages) putPage(document, page);
  document.end();
  await ended;
  return done(Buffer.concat(parts));
}

const missingIn = (item: PageItem): readonly string[] =>
  item.kind === "text" ? runsOf(item.printedText, item.bold).missing : [];

function putPage(document: PDFKit.PDFDocument, { width, height, items }: PrintPage): void {
  document.addPage({ size: [width, height], margin: 0 });
  for (const item of items) {
    if (item.kind === "text") putText(document, item);
    else {
      document.save().translate(item.x, item.y).path(item.d);
      if (item.weight === "filled") document.fill(INKS[item.ink]);
      else if (item.weight === "hollow") document.lineWidth(0.6).fillAndStroke(PAGE, INKS.soft);
      else {
        document.lineCap("round").lineWidth(item.weight);
        if (item.dashed) document.dash(4, { space: 3 });
        document.stroke(INKS[item.ink]);
      }
      document.restore();
    }
  }
}

function putText(
  document: PDFKit.PDFDocument,
  { x, baseline, size, printedText: text, bold, ink, look }: PageItem & { readonly kind: "text" },
): void {
  let at = x;
  for (const run of runsOf(text, bold).runs) {
    document
      .font(`${run.letters} ${bold}`)
      .fontSize(size)
      .fillColor(look === "hollow" ? PAGE : INKS[ink])
      .fillOpacity(look === "unseen" ? 0 : 1);
    const outline = look === "hollow" ? { fill: true, stroke: true } : { fill: true, stroke: false };
    document.lineWidth(size * OUTLINE).strokeColor(INKS.soft);
    document.text(run.text, at, baseline, { ...outline, lineBreak: false, baseline: "alphabetic" });
    at += widthOf(run.text, size, bold);
  }
  document.fillOpacity(1);
}
