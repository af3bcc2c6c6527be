"use client";

import { BookmarkPlus } from "lucide-react";
import { type ReactElement, useState } from "react";
import type { HouseRules } from "@/core/house";
import type { ProbeShown } from "@/service/requests";
import { ROUTES } from "@/service/routes";
import { newId } from "../ids";
import { Button } from "../parts/Button";
import { useNavigateAfterSaving } from "../parts/PlaceLink";
import { editedRow } from "./editor/editedRow";
import { keepNewSheet, rowsToKeep } from "./editor/sheetClient";

/** A probe on paper: its problems, and the table of what each answer would mean. */
export function ProbeSheet({
  title,
  probe,
  house,
  drawing,
  seed,
}: {
  readonly title: string;
  readonly probe: ProbeShown;
  readonly house: HouseRules;
  readonly drawing: number;
  readonly seed: number;
}): ReactElement {
  const go = useNavigateAfterSaving();
  const [failed, setFailed] = useState("");
  const keep = async (): Promise<void> => {
    const id = newId();
    const rows = probe.problems.map(({ problem, answer }) => editedRow({ problem, answer, traits: {} }));
    const back = await keepNewSheet({ id, name: title, house, drawing, seed, rows: rowsToKeep(rows) });
    if (back.ok) go(ROUTES.keptSheet(id));
    else setFailed(back.error.message);
  };
  return (
    <section aria-label="On paper" className="mt-8">
      <h2 className="text-lead font-semibold print:hidden">On paper</h2>
      <p className="mt-1 max-w-[680px] text-note text-soft">
        {probe.problems.length} problems tell most of {probe.accounts} accounts apart. What each wrong answer
        would mean:
      </p>
      <div className="mt-1 flex flex-wrap print:hidden">
        <Button look="quiet" onClick={() => void keep()}>
          <BookmarkPlus aria-hidden="true" className="size-4.5" />
          Keep these problems as a sheet
        </Button>
        <Button look="quiet" onClick={() => window.print()}>
          Print this table
        </Button>
      </div>
      {failed !== "" && (
        <p role="status" className="text-rust">
          {failed}
        </p>
      )}
      <table className="mt-2 w-full max-w-[860px] border-collapse">
        <thead>
          <tr className="text-left text-note text-soft">
            <th scope="col" className="py-1 pr-4 font-semibold">
              Problem
            </th>
            <th scope="col" className="py-1 pr-4 font-semibold">
              Answer
            </th>
            <th scope="col" className="py-1 font-semibold">
              What it speaks for
            </th>
          </tr>
        </thead>
        {probe.problems.map(({ problem, answer, meanings }, nth) => (
          <tbody key={problem} className="border-t-2 border-edge print:break-inside-avoid">
            <tr className="align-baseline">
              <th
                scope="rowgroup"
                rowSpan={meanings.length + 1}
                className="py-1.5 pr-4 text-left align-top font-board text-lead font-normal"
              >
                <span className="mr-2 text-note text-soft">{nth + 1}</span>
                {problem}
              </th>
              <td className="py-1.5 pr-4 font-board text-body text-straw">{answer}</td>
              <td className="py-1.5 text-note text-soft">right</td>
            </tr>
            {meanings.map((meaning) => (
              <tr key={meaning.answer} className="border-t border-edge align-baseline">
                <td className="py-1 pr-4 font-board text-body whitespace-nowrap">{meaning.answer}</td>
                <td className="py-1 text-note leading-snug">
                  {meaning.accounts.map(({ name }) => name).join("; or ")}
                </td>
              </tr>
            ))}
          </tbody>
        ))}
      </table>
      {probe.together.length > 0 && (
        <div className="mt-4 max-w-[860px] text-note">
          <h3 className="font-semibold">What it can’t tell apart</h3>
          <ul className="mt-1 list-disc pl-5">
            {probe.together.map((group) => (
              <li key={group.map(({ id }) => id).join()}>{group.map(({ name }) => name).join("; ")}</li>
            ))}
          </ul>
        </div>
      )}
    </section>
  );
}
