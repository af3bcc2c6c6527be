import type { HouseChoices } from "@/core/house";
import { workingOf } from "@/core/methods";
import { readProblem } from "@/core/problem";
import { failed } from "@/core/result";
import { NO_LETTERS } from "@/core/wording";
import { SHEET_FORMATS, type SheetFormat } from "@/render/formats";
import { printable, sheetPdf } from "@/render/pdf";
import type { Printing } from "@/render/print";
import { houseGiven } from "./marking";

/** A sheet as a PDF. Lines that no longer read are left out; what can't be printed is said. */
export async function sheetPrinted({
  title,
  code,
  house: choices,
  problems,
  printing,
}: {
  readonly title: string;
  readonly code: string | undefined;
  readonly house: HouseChoices;
  readonly problems: readonly string[];
  readonly printing: Printing;
}) {
  const house = houseGiven(choices);
  const workings = problems.flatMap((line) => {
    const read = readProblem(line, house);
    return read.ok ? [workingOf(read.value, house)] : [];
  });
  // A sign in the name that nothing can print is left out, and the sheet is printed all the same.
  const pdf = await sheetPdf({ title: printable(title), code, house, workings }, printing);
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
  }[];
  readonly format: SheetFormat;
}): string | Uint8Array {
  const house = houseGiven(choices);
  const written = rows.flatMap(({ problem, skill, notch }) => {
    const read = readProblem(problem, house);
    return read.ok ? [{ working: workingOf(read.value, house), skill, notch }] : [];
  });
  const one = SHEET_FORMATS.find(({ id }) => id === format) ?? SHEET_FORMATS[0];
  return one.write({ name, house, rows: written });
}
