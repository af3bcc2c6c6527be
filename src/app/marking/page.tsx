import type { Metadata } from "next";
import type { ReactElement } from "react";
import { PATTERN_IDS } from "@/core/errorPatterns";
import { ID_PATTERN } from "@/core/id";
import { patternWords } from "@/core/wording";
import { database, listLearners, listSheets } from "@/data";
import { newId } from "@/ui/ids";
import { MarkingScreen } from "@/ui/marking";
import { BLANK_SHEET } from "@/ui/marking/state/packedSheet";
import { openedSheet } from "../reading/markingSheet";
import { type Parameters, parametersOf } from "../reading/parameters";
import { savedHouse } from "../reading/saved";

export const metadata: Metadata = { title: "Marking" };

const NAMES = Object.fromEntries(PATTERN_IDS.map((id) => [id, patternWords(id).name]));

/** How many sheets are offered to go on with. */
const MOST_RECENT = 12;

export default async function MarkingPage({
  searchParams,
}: {
  readonly searchParams: Parameters;
}): Promise<ReactElement> {
  const { sheet: asked = "" } = await parametersOf(searchParams);
  const data = database();
  const listed = listSheets(data, MOST_RECENT);
  // A sheet that can't be read stays as it is: another one is begun.
  const unread = listed.unread.some(({ id }) => id === asked);
  const id = ID_PATTERN.test(asked) && !unread ? asked : newId();
  const kept = await openedSheet(data, id);
  const recent = listed.sheets.map(({ id: one, problems, openedAt }) => ({
    id: one,
    about: problems.join("   "),
    when: openedAt.toLocaleDateString("en", { day: "numeric", month: "short" }),
  }));
  return (
    <MarkingScreen
      start={{ id, house: kept?.house ?? savedHouse(), sheet: kept ?? BLANK_SHEET }}
      known={listLearners(data).map((learner) => ({ id: learner.id, name: learner.name }))}
      names={NAMES}
      recent={kept === undefined ? recent : []}
      unread={kept === undefined ? listed.unread : []}
    />
  );
}
