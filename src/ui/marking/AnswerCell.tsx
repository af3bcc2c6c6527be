"use client";

import { type ClipboardEvent, type KeyboardEvent, memo, type ReactElement } from "react";
import { FORM_FAULT_WORDS } from "@/core/wording";
import { Button } from "../parts/Button";
import { type SheetSquare, typedIn } from "./state/squares";
import { fieldId, type TableActs } from "./state/tableActs";

/** One answer. Only squares that changed are drawn again. */
export const AnswerCell = memo(function AnswerCell({
  row,
  learner,
  label,
  cell,
  bySense,
  selected,
  acts,
  nameOf,
}: {
  readonly row: string;
  readonly learner: string;
  readonly label: string;
  readonly cell: SheetSquare | undefined;
  /** Whether it answers a story whose quotient is rounded: what lies behind it is the story's. */
  readonly bySense: boolean;
  readonly selected: boolean;
  readonly acts: TableActs;
  readonly nameOf: (pattern: string) => string;
}): ReactElement {
  const typed = typedIn(cell);
  const trouble = cell?.trouble ?? "";
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
      data-verdict={typed === "" ? undefined : cell?.kept?.verdict}
      className="border-b border-l border-edge px-1.5 py-1 align-top data-[selected=true]:bg-shade"
    >
      <input
        id={fieldId(row, learner)}
        aria-label={label}
        aria-invalid={trouble !== "" || cell?.clash !== undefined}
        value={typed}
        autoComplete="off"
        spellCheck={false}
        onChange={(event) => acts.type(row, learner, event.target.value)}
        onKeyDown={onKeyDown}
        onPaste={onPaste}
        onFocus={() => acts.select({ row, learner })}
        onBlur={() => acts.enter(row, learner, "stay")}
        className="h-9 w-full rounded-md bg-transparent px-2 font-board text-body hover:bg-shade focus:bg-page focus-visible:-outline-offset-2 aria-invalid:border aria-invalid:border-rust"
      />
      {cell?.clash ? (
        <ClashChoice
          theirs={cell.clash.given}
          onChoose={(mine) => acts.choose(row, learner, mine)}
          label={label}
        />
      ) : (
        <p className="line-clamp-2 min-h-[18px] px-2 text-small leading-[18px]" title={trouble || undefined}>
          {trouble !== "" ? (
            <span className="text-rust">Not kept: {trouble}</span>
          ) : (
            <MarkWords cell={cell} bySense={bySense} nameOf={nameOf} />
          )}
        </p>
      )}
    </td>
  );
});

/** Two windows wrote into one square: what the other one has, and which of the two is to stand. */
function ClashChoice({
  theirs,
  label,
  onChoose,
}: {
  readonly theirs: string;
  readonly label: string;
  readonly onChoose: (mine: boolean) => void;
}): ReactElement {
  return (
    <div className="px-2 text-small leading-[18px] text-rust">
      <p>
        Not kept: another window has{" "}
        {theirs === "" ? "nothing here" : <span className="font-board">{theirs}</span>}.
      </p>
      <p className="flex flex-wrap gap-x-3">
        {(
          [
            ["Keep this one", true],
            ["Take that one", false],
          ] as const
        ).map(([words, mine]) => (
          <Button look="words" key={words} aria-label={`${words}: ${label}`} onClick={() => onChoose(mine)}>
            {words}
          </Button>
        ))}
      </p>
    </div>
  );
}

/** What an answer was marked, in words: never by colour alone. */
function MarkWords({
  cell,
  bySense,
  nameOf,
}: {
  readonly cell: SheetSquare | undefined;
  readonly bySense: boolean;
  readonly nameOf: (pattern: string) => string;
}): ReactElement | null {
  if (cell === undefined || typedIn(cell) === "") return null;
  const { kept, change } = cell;
  if (change !== undefined && change.given !== undefined && change.given !== kept?.given)
    return change.entered ? <span className="text-soft">…</span> : null;
  if (kept === undefined) return null;
  const patterns = change?.patterns ?? kept.patterns;
  const note = change?.note ?? kept.note;
  switch (kept.verdict) {
    case "waiting":
      return <span className="text-soft">not marked yet</span>;
    case "right":
      return <span className="text-plumb">✓ right</span>;
    case "form":
      return (
        <span className="text-straw">
          ✓ {kept.faults.map((fault) => FORM_FAULT_WORDS[fault]).join(", ") || "in another form"}
        </span>
      );
    case "unread":
      return <span className="text-rust">can’t be read</span>;
    case "wrong":
      return (
        <span className="text-rust">
          ✗{" "}
          {note !== ""
            ? note
            : patterns.map(nameOf).join("; ") || (bySense ? "see its story" : "no explanation found")}
        </span>
      );
  }
}
