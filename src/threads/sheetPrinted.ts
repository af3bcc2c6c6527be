import type { HouseChoices } from "@/core/house";
import { workingOf } from "@/core/methods";
import { readProblem } from "@/core/problem";
import { failed } from "@/core/result";
import type { StockList, StoryOfRow } from "@/core/stories";
import { NO_LETTERS } from "@/core/wording";
import { SHEET_FORMATS, type SheetFormat } from "@/render/formats";
import type { PrintedStory, Printing } from "@/render/print";
import { storyDrawnAgain } from "@/service/requests";
import { houseGiven } from "@/service/requests/marking/marking";

/** A sheet as a PDF. Lines that no longer read are left out; what can't be printed is said. */
export async function sheetPrinted({
  title,
  code,
  house: choices,
  rows,
  printing,
  stock,
}: {
  readonly title: string;
  readonly code: string | undefined;
  readonly house: HouseChoices;
  readonly rows: readonly { readonly problem: string; readonly story?: StoryOfRow | undefined }[];
  readonly printing: Printing;
  /** The list that the stories may be about, for their pictures. */
  readonly stock: StockList;
}) {
  // What writes PDFs takes long to load, and is needed by few tasks.
  const { printable, sheetPdf } = await import("@/render/pdf");
  const house = houseGiven(choices);
  /** A story of a row as it is printed; its picture only where its kind still tells it so. */
  const printedStory = (story: StoryOfRow): PrintedStory => ({
    text: printable(story.text),
    answer: printable(story.answer),
    whole: story.whole,
    picture: storyDrawnAgain(story, house, stock),
  });
  const read = rows.flatMap(({ problem, story }) => {
    const found = readProblem(problem, house);
    return found.ok ? [{ working: workingOf(found.value, house), story: story && printedStory(story) }] : [];
  });
  const workings = read.map(({ working }) => working);
  const stories = read.map(({ story }) => story);
  // A sign in the name that nothing can print is left out, and the sheet is printed all the same.
  const pdf = await sheetPdf({ title: printable(title), code, house, workings, stories }, printing);
  return pdf.ok ? pdf : failed({ code: "noLetters", message: NO_LETTERS(pdf.error.missing) });
}

/** A sheet in one of the open formats; lines that no longer read are left out. */
export function sheetWritten({
  name,
  house: choices,
  rows,
  format,
}: {
  readonly name: string;
  readonly house: HouseChoices;
  readonly rows: readonly {
    readonly problem: string;
    readonly skill?: string | undefined;
    readonly notch?: number | undefined;
    readonly story?: StoryOfRow | undefined;
  }[];
  readonly format: SheetFormat;
}): string | Uint8Array {
  const house = houseGiven(choices);
  const written = rows.flatMap(({ problem, skill, notch, story }) => {
    const read = readProblem(problem, house);
    return read.ok ? [{ working: workingOf(read.value, house), skill, notch, story }] : [];
  });
  const one = SHEET_FORMATS.find(({ id }) => id === format) ?? SHEET_FORMATS[0];
  return one.write({ name, house, rows: written });
}
