import type { Metadata } from "next";
import type { ReactElement } from "react";
import { SLIP_IDS, slipFacts } from "@/core/slips";
import {
  attemptsOnSheet,
  type Data,
  database,
  findLearner,
  findMarkingSheet,
  listLearners,
  listMarkingSheets,
} from "@/data";
import { newId } from "@/ui/ids";
import { type Cell, keyOf, MarkingScreen } from "@/ui/marking";
import { BOARD_ID } from "@/ui/routes";
import { addLearner } from "../learnerActions";
import { formFaultsOf, rowsOf } from "../marking";
import { savedHouse } from "../saved";
import { bringSheetBack, takeSheetAway } from "../sheetActions";

export const metadata: Metadata = { title: "Marking" };

const NAMES = Object.fromEntries(SLIP_IDS.map((id) => [id, slipFacts(id).name]));

/** How many sheets are offered to go on with. */
const MOST_RECENT = 12;

const recentSheets = (data: Data) =>
  listMarkingSheets(data, MOST_RECENT).map(({ id, problems, openedAt }) => ({
    id,
    about: problems.join("   "),
    when: openedAt.toLocaleDateString("en", { day: "numeric", month: "short" }),
  }));

export default async function MarkingPage({
  searchParams,
}: {
  readonly searchParams: Promise<Record<string, string | string[] | undefined>>;
}): Promise<ReactElement> {
  const { sheet: asked } = await searchParams;
  const id = typeof asked === "string" && BOARD_ID.test(asked) ? asked : newId();
  const data = database();
  const kept = findMarkingSheet(data, id);
  const house = kept?.house ?? savedHouse();
  const sheet = kept ?? { id, house, problems: [], learners: [] };
  const cells = attemptsOnSheet(data, id).flatMap((attempt): readonly (readonly [string, Cell])[] => {
    if (attempt.sheet === undefined) return [];
    const { verdict, slips, chosen, note, given } = attempt;
    const { faults, error } = formFaultsOf(attempt, house);
    const mark = { verdict, faults, slips, chosen, note, error };
    return [[keyOf(attempt.sheet.row, attempt.learnerId), { typed: given, mark, keeping: "kept" }]];
  });
  return (
    <MarkingScreen
      start={{
        id,
        house,
        rows: rowsOf(sheet),
        learners: sheet.learners.flatMap((learner) => findLearner(data, learner) ?? []),
        cells,
      }}
      known={listLearners(data)}
      names={NAMES}
      recent={kept === undefined ? recentSheets(data) : []}
      recentActs={{ remove: takeSheetAway, restore: bringSheetBack }}
      addLearner={addLearner}
    />
  );
}
