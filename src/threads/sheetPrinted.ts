import type { HouseChoices } from "@/core/house";
import { workingOf } from "@/core/methods";
import { readProblem } from "@/core/problem";
import { failed } from "@/core/result";
import { NO_LETTERS } from "@/core/wording";
import { sheetPdf } from "@/render/pdf";
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
  const pdf = await sheetPdf({ title, code, house, workings }, printing);
  return pdf.ok ? pdf : failed({ code: "noLetters", message: NO_LETTERS(pdf.error.missing) });
}
