import type { Metadata } from "next";
import type { ReactElement } from "react";
import { database, listKeptSheets } from "@/data";
import { KeptSheetsScreen } from "@/ui/sheets";
import { type Parameters, parametersOf } from "../../reading/parameters";

export const metadata: Metadata = { title: "Sheets you kept" };

/** How many sheets are listed at once; the search finds the others. */
const MOST_LISTED = 200;

export default async function KeptSheetsPage({
  searchParams,
}: {
  readonly searchParams: Parameters;
}): Promise<ReactElement> {
  const { search = "", archived } = await parametersOf(searchParams);
  const away = archived !== undefined;
  const { sheets, unread } = listKeptSheets(database(), {
    search: search.slice(0, 100),
    archived: away,
    most: MOST_LISTED,
  });
  return (
    <KeptSheetsScreen
      sheets={sheets.map(({ id, code, name, problems, changedAt, given }) => ({
        id,
        code,
        name,
        count: problems.length,
        about: problems.slice(0, 4).join("  ·  "),
        when: changedAt.toLocaleDateString("en", { day: "numeric", month: "short", year: "numeric" }),
        given: given.join(", "),
      }))}
      unread={unread}
      search={search}
      archived={away}
    />
  );
}
