"use client";

import { X } from "lucide-react";
import { type ClipboardEvent, type KeyboardEvent, memo, type ReactElement } from "react";
import { FORM_FAULT_WORDS } from "@/core/wording";
import { type Cell, type Column, keyOf, LONGEST_ANSWER, type SheetRow } from "./marks";

/** A square of the sheet by its row and its learner. */
export interface At {
  readonly row: number;
  readonly learner: string;
}

/** What the table asks for; each is given the square it comes from. */
export interface TableActs {
  readonly type: (row: number, learner: string, typed: string) => void;
  /** An answer is finished; `by` says which way to go on. */
  readonly enter: (row: number, learner: string, by: "down" | "up" | "stay") => void;
  readonly select: (at: At) => void;
  readonly paste: (row: number, learner: string, text: string) => boolean;
  /** Takes the next explanation of a wrong answer. */
  readonly nextExplanation: (row: number, learner: string) => void;
  readonly removeRow: (row: number) => void;
  readonly removeLearner: (learner: string) => void;
}

/** The id of a square's field, so that the keys can find the next one. */
export const fieldId = (row: number, learner: string): string => `answer-${row}-${learner}`;

/** Problems down, learners across: a field for each answer, and under it what it was marked. */
export function SheetTable({
  rows,
  learners,
  cells,
  selected,
  acts,
  nameOf,
}: {
  readonly rows: readonly SheetRow[];
  readonly learners: readonly Column[];
  readonly cells: ReadonlyMap<string, Cell>;
  readonly selected: At | undefined;
  readonly acts: TableActs;
  readonly nameOf: (slip: string) => string;
}): ReactElement {
  return (
    <table className="w-full border-separate border-spacing-0">
      <thead>
        <tr>
          <th
            scope="col"
            className="sticky top-0 left-0 z-20 min-w-44 border-b border-edge bg-page px-4 py-2 text-left text-[13px] font-normal text-soft"
          >
            Problem
          </th>
          {learners.map(({ id, name }) => (
            <th
              key={id}
              scope="col"
              className="sticky top-0 z-10 w-48 min-w-44 border-b border-l border-edge bg-page px-2 py-1 text-left"
            >
              <span className="flex items-center justify-between gap-1">
                <span className="truncate font-semibold">{name}</span>
                <button
                  type="button"
                  aria-label={`Take ${name} off this sheet`}
                  title={`Take ${name} off this sheet`}
                  onClick={() => acts.removeLearner(id)}
                  className="grid size-9 shrink-0 place-items-center rounded-lg text-soft hover:bg-shade hover:text-ink"
                >
                  <X aria-hidden="true" className="size-4" />
                </button>
              </span>
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {rows.map(({ problem, right }, row) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: a row is its place on the sheet
          <tr key={row} className="group">
            <th
              scope="row"
              className="sticky left-0 z-10 border-b border-edge bg-page px-4 py-1.5 text-left font-normal"
            >
              <span className="flex items-center gap-2">
                <span className="w-5 shrink-0 text-right text-[13px] text-soft">{row + 1}</span>
                <span className="min-w-0 flex-1">
                  <span className="block font-board text-[18px] leading-tight">{problem}</span>
                  <span className="block font-board text-[14px] text-soft">{right || "…"}</span>
                </span>
                <button
                  type="button"
                  aria-label={`Take away row ${row + 1}`}
                  title="Take away this row"
                  onClick={() => acts.removeRow(row)}
                  className="grid size-9 shrink-0 place-items-center rounded-lg text-soft opacity-0 group-hover:opacity-100 hover:bg-shade hover:text-ink focus-visible:opacity-100"
                >
                  <X aria-hidden="true" className="size-4" />
                </button>
              </span>
            </th>
            {learners.map(({ id, name }) => (
              <AnswerCell
                key={id}
                row={row}
                learner={id}
                label={`${name}, ${problem}`}
                cell={cells.get(keyOf(row, id))}
                selected={selected?.row === row && selected.learner === id}
                acts={acts}
                nameOf={nameOf}
              />
            ))}
          </tr>
        ))}
      </tbody>
    </table>
  );
}

/** One answer. Only squares that changed are drawn again. */
const AnswerCell = memo(function AnswerCell({
  row,
  learner,
  label,
  cell,
  selected,
  acts,
  nameOf,
}: {
  readonly row: number;
  readonly learner: string;
  readonly label: string;
  readonly cell: Cell | undefined;
  readonly selected: boolean;
  readonly acts: TableActs;
  readonly nameOf: (slip: string) => string;
}): ReactElement {
  const verdict = cell?.typed === "" ? undefined : cell?.mark?.verdict;
  const onKeyDown = (event: KeyboardEvent<HTMLInputElement>): void => {
    if (event.altKey && event.key === "ArrowDown") acts.nextExplanation(row, learner);
    else if (event.key === "Enter" || event.key === "ArrowDown") acts.enter(row, learner, "down");
    else if (event.key === "ArrowUp") acts.enter(row, learner, "up");
    else return;
    event.preventDefault();
  };
  const onPaste = (event: ClipboardEvent<HTMLInputElement>): void => {
    if (acts.paste(row, learner, event.clipboardData.getData("text/plain"))) event.preventDefault();
  };
  return (
    <td
      data-selected={selected}
      data-verdict={verdict}
      className="border-b border-l border-edge px-1.5 py-1 align-top data-[selected=true]:bg-shade"
    >
      <input
        id={fieldId(row, learner)}
        aria-label={label}
        value={cell?.typed ?? ""}
        maxLength={LONGEST_ANSWER}
        autoComplete="off"
        spellCheck={false}
        onChange={(event) => acts.type(row, learner, event.target.value)}
        onKeyDown={onKeyDown}
        onPaste={onPaste}
        onFocus={() => acts.select({ row, learner })}
        onBlur={() => acts.enter(row, learner, "stay")}
        className="h-9 w-full rounded-md bg-transparent px-2 font-board text-[18px] hover:bg-shade focus:bg-page"
      />
      <p
        className="line-clamp-2 min-h-[18px] max-w-52 px-2 text-[13px] leading-[18px]"
        title={cell?.mark?.error}
      >
        <MarkWords cell={cell} nameOf={nameOf} />
      </p>
    </td>
  );
});

/** What an answer was marked, in words: never by colour alone. */
function MarkWords({
  cell,
  nameOf,
}: {
  readonly cell: Cell | undefined;
  readonly nameOf: (slip: string) => string;
}): ReactElement | null {
  if (cell === undefined || cell.typed === "") return null;
  if (cell.keeping === "notKept") return <span className="text-rust">Not kept yet: trying again</span>;
  const { mark } = cell;
  if (mark === undefined) return cell.keeping === "keeping" ? <span className="text-soft">…</span> : null;
  switch (mark.verdict) {
    case "right":
      return <span className="text-plumb">✓ right</span>;
    case "form":
      return (
        <span className="text-straw">
          ✓ {mark.faults.map((fault) => FORM_FAULT_WORDS[fault]).join(", ") || "in another form"}
        </span>
      );
    case "unread":
      return <span className="text-rust">can’t be read</span>;
    case "wrong":
      return (
        <span className="text-rust">
          ✗ {mark.note !== "" ? mark.note : mark.slips.map(nameOf).join("; ") || "no explanation found"}
        </span>
      );
  }
}
