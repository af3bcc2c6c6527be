import Papa from "papaparse";
import { FORMULA } from "@/render/formats/csvFields";
import { squareKey } from "@/service/kept/markingSheet";
import type { MarkingState } from "./markingState";
import { withoutEnd } from "./pasted";
import { typedIn } from "./squares";

/** Text as fields, and the places where it is no proper table. */
interface Fields {
  readonly fields: readonly (readonly string[])[];
  readonly faults: readonly { readonly line: number; readonly what: string }[];
}

/** Pasted text as a block of fields: tabs between columns as spreadsheets copy them, or whatever a file parts them with. */
export function fieldsOf(text: string, delimiter: "\t" | ""): Fields {
  const { data, errors } = Papa.parse<string[]>(withoutEnd(text), { delimiter, skipEmptyLines: false });
  const faults = errors
    .filter(({ code }) => code !== "UndetectableDelimiter")
    .map(({ row, message }) => ({ line: (row ?? 0) + 1, what: message }));
  return { fields: data, faults };
}

/** The heading of the column that Right Sum itself puts beside the problems. */
export const RIGHT_ANSWER = "right answer";

/** The heading of the column that says what a learner's answers were marked. */
export const markedHeading = (name: string): string => `${name}: marked`;

/** The sheet as CSV: a problem a row, its right answer, then each learner's answer and what it was marked. */
export function csvOf({ rows, learners, cells }: Pick<MarkingState, "rows" | "learners" | "cells">): string {
  const head = ["problem", RIGHT_ANSWER, ...learners.flatMap(({ name }) => [name, markedHeading(name)])];
  const lines = rows.map(({ id: row, problem, right }) => [
    problem,
    right,
    ...learners.flatMap(({ id }) => {
      const cell = cells.get(squareKey(row, id));
      const typed = typedIn(cell);
      if (typed === "") return ["", ""];
      const patterns = cell?.kept?.patterns.join(" + ") ?? "";
      return [typed, [cell?.kept?.verdict ?? "", patterns].filter((part) => part !== "").join(": ")];
    }),
  ]);
  return Papa.unparse([head, ...lines], { escapeFormulae: FORMULA });
}
