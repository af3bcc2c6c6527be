import type { Metadata } from "next";
import { notFound } from "next/navigation";
import type { ReactElement } from "react";
import { choicesOf } from "@/core/house";
import { isSkill } from "@/core/sheets";
import { database, findKeptSheet, givenTo, listLearners, seenProblems } from "@/data";
import { computeSlowly } from "@/threads/pool";
import { SheetEditor, SheetsScreen } from "@/ui/sheets";
import { rowsShown } from "../../reading/keptSheet";
import { type Parameters, parametersOf } from "../../reading/parameters";
import { ownRungs } from "../../reading/saved";
import { TooMuch } from "../../TooMuch";

export const metadata: Metadata = { title: "Sheets" };

const day = (at: Date): string => at.toLocaleDateString("en", { day: "numeric", month: "short" });

export default async function KeptSheetPage({
  params,
  searchParams,
}: {
  readonly params: Promise<{ readonly id: string }>;
  readonly searchParams: Parameters;
}): Promise<ReactElement> {
  const { id } = await params;
  const data = database();
  const sheet = findKeptSheet(data, id);
  if (sheet === undefined) notFound();
  const { house, rows, name, code, drawing, seed, revision } = sheet;
  const skills = [...new Set(rows.flatMap(({ skill }) => (isSkill(skill) ? [skill] : [])))];
  const shown = await rowsShown(house, rows);
  if ("message" in shown) return <TooMuch message={shown.message} />;
  const about =
    skills.length === 0
      ? undefined
      : await computeSlowly("skillsShown", { skill: skills, count: 1, seed: 1, house: choicesOf(house) });
  const given = new Map(givenTo(data, id).map((one) => [one.id, day(one.at)]));
  const met = seenProblems(
    data,
    id,
    rows.map(({ problem }) => problem),
  );
  const { print } = await parametersOf(searchParams);
  return (
    <SheetsScreen skills={skills} own={ownRungs()} patterns={about?.ok ? about.value.patterns : []}>
      <SheetEditor
        key={`${id} ${revision}`}
        name={name}
        results={shown}
        recipe={undefined}
        possible={about?.ok ? about.value.traits : []}
        house={house}
        drawing={drawing}
        opened={{
          id,
          code,
          revision,
          seed,
          locked: rows.map(({ locked }) => locked ?? false),
          learners: listLearners(data).map((one) => ({
            id: one.id,
            name: one.name,
            had: given.get(one.id) ?? "",
            met: met.get(one.id) ?? 0,
          })),
          prints: print !== undefined,
        }}
      />
    </SheetsScreen>
  );
}
