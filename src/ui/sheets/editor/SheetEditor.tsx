"use client";

import { BookmarkPlus, Download, Eye, EyeOff, PenLine, RefreshCw, Table2, Undo2 } from "lucide-react";
import { useRouter } from "next/navigation";
import { type ReactElement, useEffect, useMemo, useState } from "react";
import type { TraitId } from "@/core/features";
import type { HouseRules } from "@/core/house";
import { LONGEST_SHEET_NAME } from "@/core/sheets";
import type { RowResult } from "@/service/requests";
import { ROUTES } from "@/service/routes";
import { turnAddress } from "../../../service/boardAddress";
import { newId } from "../../ids";
import { keepSequence, newSequence } from "../../lessonSequence";
import { Button } from "../../parts/Button";
import { LOOKS } from "../../parts/looks";
import { PlaceLink, useNavigateAfterSaving } from "../../parts/PlaceLink";
import { SaveStatus } from "../../parts/SaveStatus";
import { useHandOver } from "../../saving/useHandOver";
import { useKept } from "../../saving/useKept";
import { send } from "../../saving/wire/send";
import { type AddressedRecipe, COUNTS, recipeAddress } from "../recipeAddress";
import { AddProblems } from "./AddProblems";
import { AddStories } from "./AddStories";
import { editedRow } from "./editedRow";
import { FeatureTable } from "./FeatureTable";
import { MarkPanel, type SheetLearner } from "./MarkPanel";
import { Panel } from "./Panel";
import { PrintPanel } from "./PrintPanel";
import { RecipePanel } from "./RecipePanel";
import { SheetList } from "./SheetList";
import { keepNewSheet, rowsToKeep, SHEET_CLIENT, sameRows } from "./sheetClient";
import { useSheetRows } from "./useSheetRows";

/** What is kept of a sheet that is open: none of a drawn one that is not kept yet. */
export interface OpenedSheet {
  readonly id: string;
  readonly code: string;
  readonly revision: number;
  readonly seed: number;
  readonly locked: readonly boolean[];
  readonly learners: readonly SheetLearner[];
  /** Whether the tutor asked to print it. */
  readonly prints: boolean;
}

/** A sheet in the hands of a tutor: drawn and not kept yet, or kept, where every change is. */
export function SheetEditor({
  name: startName,
  results,
  recipe,
  possible,
  house,
  drawing,
  opened,
}: {
  readonly name: string;
  readonly results: readonly RowResult[];
  /** What it is drawn from; none of a kept sheet. */
  readonly recipe: AddressedRecipe | undefined;
  readonly possible: readonly TraitId[];
  readonly house: HouseRules;
  readonly drawing: number;
  readonly opened: OpenedSheet | undefined;
}): ReactElement {
  const go = useNavigateAfterSaving();
  const [start] = useState(() => results.map((one, nth) => editedRow(one, opened?.locked[nth])));
  const [name, setName] = useState(startName);
  const [answers, setAnswers] = useState(false);
  const [features, setFeatures] = useState(false);
  const [failed, setFailed] = useState("");
  const router = useRouter();
  const sheet = useSheetRows(start, house, recipe?.never ?? []);
  const seed = recipe?.seed ?? opened?.seed ?? 0;
  const id = opened?.id;
  // What another window made of its problems has to be worked first; nothing is kept from here until it is shown.
  const [isOutdated, setOutdated] = useState(false);
  const inWindow = useMemo(
    () =>
      id === undefined || isOutdated
        ? undefined
        : { id, name, house, drawing, seed, rows: rowsToKeep(sheet.rows) },
    [id, isOutdated, name, house, drawing, seed, sheet.rows],
  );
  const { saving, choose, lookAgain } = useKept(
    SHEET_CLIENT,
    inWindow,
    { isKept: true, revision: opened?.revision ?? 0 },
    (now) => {
      setName(now.name);
      if (inWindow === undefined || sameRows(now, inWindow)) return;
      setOutdated(true);
      router.refresh();
    },
  );
  useHandOver(SHEET_CLIENT, router.refresh);
  // The chosen rung is brought into the middle of its ladder, and nothing else is moved.
  useEffect(() => {
    const chosen = document.querySelector("[data-relation=chosen]");
    const ladder = chosen?.closest("aside");
    if (!chosen || !ladder) return;
    const [rung, room] = [chosen.getBoundingClientRect(), ladder.getBoundingClientRect()];
    ladder.scrollTop += rung.top - room.top - (room.height - rung.height) / 2;
  }, []);
  const keepIt = async (then: (id: string) => string): Promise<void> => {
    const newSheet = newId();
    const rows = rowsToKeep(sheet.rows);
    const back = await keepNewSheet({ id: newSheet, name, house, drawing, seed, rows });
    if (back.ok) go(then(newSheet));
    else setFailed(back.error.message);
  };
  const unread = sheet.rows.filter(({ shown }) => shown === undefined).length;
  return (
    <>
      {opened === undefined ? (
        <h1 className="text-head leading-tight font-semibold">{name}</h1>
      ) : (
        <div className="flex flex-wrap items-baseline gap-x-4">
          <input
            aria-label="The name of the sheet"
            value={name}
            onChange={(event) => setName(event.target.value)}
            maxLength={LONGEST_SHEET_NAME}
            className="min-w-0 flex-1 rounded-lg border border-transparent bg-transparent px-1 text-head font-semibold hover:border-edge focus:border-edge"
          />
          <span className="text-note text-soft">
            Code <span className="font-board text-ink">{opened.code}</span>
          </span>
          <SaveStatus
            saving={saving}
            onChoose={choose}
            onBringBack={() =>
              void send(ROUTES.keptSheetListed(opened.id), "PUT", { deleted: false }).then(lookAgain)
            }
          />
        </div>
      )}
      <div className="mt-3 flex flex-wrap items-center gap-x-1 gap-y-1 print:hidden">
        {opened === undefined ? (
          <Button look="main" onClick={() => void keepIt(ROUTES.keptSheet)}>
            <BookmarkPlus aria-hidden="true" className="size-4.5" />
            Keep this sheet
          </Button>
        ) : (
          <PrintPanel
            pdf={ROUTES.keptSheetPdf(opened.id)}
            startsOpen={opened.prints}
            hasStories={sheet.rows.some(({ shown }) => shown?.story !== undefined)}
          />
        )}
        {opened === undefined && (
          <Button look="quiet" onClick={() => void keepIt((id) => `${ROUTES.keptSheet(id)}?print`)}>
            Keep and print
          </Button>
        )}
        {recipe !== undefined && recipe.own === undefined && (
          <RecipePanel recipe={recipe} possible={possible} />
        )}
        {recipe?.own !== undefined && (
          <PlaceLink href={ROUTES.ownRung({ own: recipe.own })} look="quiet">
            Change this rung
          </PlaceLink>
        )}
        {opened !== undefined && (
          <Button
            look="quiet"
            disabled={sheet.rows.every(({ shown }) => shown === undefined)}
            onClick={() => {
              const lines = sheet.rows.flatMap(({ shown }) => (shown === undefined ? [] : [shown.problem]));
              keepSequence(newSequence("sheet", lines));
              go(turnAddress({ problem: lines[0] ?? "", house }));
            }}
          >
            <PenLine aria-hidden="true" className="size-4.5" />
            To a learner
          </Button>
        )}
        {opened !== undefined && <MarkPanel sheet={opened.id} learners={opened.learners} />}
        {recipe !== undefined && sheet.rows.every(({ locked }) => !locked) ? (
          <PlaceLink href={recipeAddress({ ...recipe, seed: recipe.seed + 1 })} look="quiet">
            <RefreshCw aria-hidden="true" className="size-4.5" />
            Draw others
          </PlaceLink>
        ) : (
          <Button
            look="quiet"
            disabled={sheet.drawing || sheet.rows.every(({ locked }) => locked)}
            onClick={() => void sheet.redrawUnlocked()}
          >
            <RefreshCw aria-hidden="true" className="size-4.5" />
            Draw those that are not locked
          </Button>
        )}
        <AddProblems onAdd={sheet.add} />
        <AddStories onAdd={sheet.addStories} onAddOwn={sheet.addOwnStories} />
        {opened !== undefined && (
          <Panel label="Files" icon={<Download aria-hidden="true" className="size-4.5" />}>
            <p className="text-small text-soft">The sheet with its answers, as a file</p>
            <ul className="mt-1">
              {FILES.map(({ format, name: called }) => (
                <li key={format}>
                  <a href={ROUTES.keptSheetFile(opened.id, format)} download className={LOOKS.quiet}>
                    {called}
                  </a>
                </li>
              ))}
            </ul>
          </Panel>
        )}
        <Button look="quiet" aria-pressed={answers} onClick={() => setAnswers(!answers)}>
          {answers ? (
            <EyeOff aria-hidden="true" className="size-4.5" />
          ) : (
            <Eye aria-hidden="true" className="size-4.5" />
          )}
          {answers ? "Hide the answers" : "Show the answers"}
        </Button>
        <Button look="quiet" aria-pressed={features} onClick={() => setFeatures(!features)}>
          <Table2 aria-hidden="true" className="size-4.5" />
          What it trains
        </Button>
        <Button look="quiet" disabled={!sheet.canUndo} onClick={sheet.undo}>
          <Undo2 aria-hidden="true" className="size-4.5" />
          Undo
        </Button>
      </div>
      {recipe !== undefined && (
        <p className="mt-1 flex flex-wrap items-center print:hidden">
          <span className="mr-1 text-note text-soft">How many:</span>
          {COUNTS.map((one) => (
            <PlaceLink
              key={one}
              href={recipeAddress({ ...recipe, count: one })}
              aria-current={one === recipe.count ? "true" : undefined}
              aria-label={`${one} problems`}
              className="grid size-10 place-items-center rounded-lg hover:bg-shade aria-[current=true]:bg-shade aria-[current=true]:font-semibold pointer-coarse:size-11"
            >
              {one}
            </PlaceLink>
          ))}
        </p>
      )}
      <p role="status" className="text-note text-rust empty:hidden">
        {failed || sheet.message}
      </p>
      {opened !== undefined && unread > 0 && (
        <p role="status" className="text-note text-rust">
          {unread === 1 ? "One line does not read yet, and is" : `${unread} lines do not read yet, and are`}{" "}
          not kept. Type over what is red.
        </p>
      )}
      <SheetList sheet={sheet} house={house} answers={answers} />
      {sheet.rows.length === 0 && opened !== undefined && (
        <p className="mt-3">Nothing is on this sheet. Add problems, or undo.</p>
      )}
      {features && <FeatureTable rows={sheet.rows} possible={possible} />}
    </>
  );
}

const FILES = [
  { format: "csv", name: "Table (CSV)" },
  { format: "json", name: "Right Sum’s own (JSON)" },
  { format: "markdown", name: "Text (Markdown)" },
  { format: "latex", name: "LaTeX" },
  { format: "qti", name: "Questions to exchange (QTI 2.2)" },
] as const;
