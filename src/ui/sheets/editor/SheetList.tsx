"use client";

import {
  closestCenter,
  DndContext,
  KeyboardSensor,
  PointerSensor,
  useSensor,
  useSensors,
} from "@dnd-kit/core";
import {
  SortableContext,
  sortableKeyboardCoordinates,
  useSortable,
  verticalListSortingStrategy,
} from "@dnd-kit/sortable";
import {
  ChevronDown,
  ChevronUp,
  Grid3x3,
  GripVertical,
  Lock,
  LockOpen,
  PenLine,
  RefreshCw,
  X,
} from "lucide-react";
import { type KeyboardEvent, type ReactElement, useId, useState } from "react";
import type { HouseRules } from "@/core/house";
import { boardAddress, turnAddress } from "../../../service/boardAddress";
import { IconButton } from "../../parts/IconButton";
import { PlaceLink } from "../../parts/PlaceLink";
import type { EditedRow } from "./editedRow";
import type { useSheetRows } from "./useSheetRows";

/** What each notch adds, as its examples climb. */
const NOTCH_NAMES = ["", "plain", "one new difficulty", "two of them", "the trap"] as const;

/** The problems of a sheet, each with what can be done with it: by its signs, by keys, and moved by dragging. */
export function SheetList({
  sheet,
  house,
  answers,
}: {
  readonly sheet: ReturnType<typeof useSheetRows>;
  readonly house: HouseRules;
  readonly answers: boolean;
}): ReactElement {
  const { rows } = sheet;
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 5 } }),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  );
  const at = (key: unknown): number => rows.findIndex((row) => row.key === key);
  return (
    <DndContext
      id={useId()}
      sensors={sensors}
      collisionDetection={closestCenter}
      onDragEnd={({ active, over }) => over && sheet.move(at(active.id), at(over.id))}
    >
      <SortableContext items={rows.map(({ key }) => key)} strategy={verticalListSortingStrategy}>
        <ol className="mt-3 print:columns-2" aria-busy={sheet.drawing}>
          {rows.map((row, nth) => (
            <Row key={row.key} row={row} nth={nth} sheet={sheet} house={house} answers={answers} />
          ))}
        </ol>
      </SortableContext>
    </DndContext>
  );
}

function Row({
  row,
  nth,
  sheet,
  house,
  answers,
}: {
  readonly row: EditedRow;
  readonly nth: number;
  readonly sheet: ReturnType<typeof useSheetRows>;
  readonly house: HouseRules;
  readonly answers: boolean;
}): ReactElement {
  const { attributes, listeners, setNodeRef, setActivatorNodeRef, transform, transition } = useSortable({
    id: row.key,
  });
  const [typing, setTyping] = useState<string | undefined>();
  const name = `Problem ${nth + 1}, ${row.problem}`;
  const done = (typed: string): void => {
    setTyping(undefined);
    void sheet.typeOver(row, typed);
  };
  const onKeys = (event: KeyboardEvent<HTMLElement>): void => {
    if (event.ctrlKey || event.metaKey || typing !== undefined) return;
    const keys: Readonly<Record<string, () => void>> = event.altKey
      ? { ArrowUp: () => sheet.move(nth, nth - 1), ArrowDown: () => sheet.move(nth, nth + 1) }
      : {
          l: () => sheet.lock(row),
          r: () => void sheet.redraw(row, 0),
          "-": () => void sheet.redraw(row, -1),
          "+": () => void sheet.redraw(row, 1),
          Delete: () => sheet.remove(row),
          ArrowUp: () => focusRow(event.currentTarget, -1),
          ArrowDown: () => focusRow(event.currentTarget, 1),
        };
    const act = keys[event.key.length === 1 ? event.key.toLowerCase() : event.key];
    if (act === undefined) return;
    event.preventDefault();
    act();
  };
  return (
    <li
      ref={setNodeRef}
      style={{
        transform: transform ? `translate3d(0, ${Math.round(transform.y)}px, 0)` : undefined,
        transition,
      }}
      className="flex min-h-12 flex-wrap items-center gap-x-1 border-b border-edge bg-page/0 print:break-inside-avoid print:border-0 print:py-4"
    >
      {row.shown?.story && (
        <p className="basis-full pt-1.5 pl-18 text-body leading-snug print:pl-9">{row.shown.story.text}</p>
      )}
      <button
        type="button"
        ref={setActivatorNodeRef}
        {...attributes}
        {...listeners}
        aria-label={`Move ${name}`}
        title="Drag, or press Space and the arrows"
        className="grid size-9 cursor-grab touch-none place-items-center rounded-lg text-soft hover:bg-shade print:hidden"
      >
        <GripVertical aria-hidden="true" className="size-4" />
      </button>
      <span className="w-7 text-right text-note text-soft">{nth + 1}</span>
      {typing === undefined ? (
        <button
          type="button"
          data-sheet-problem
          aria-label={`${name}${row.locked ? ", locked" : ""}`}
          aria-keyshortcuts="L R + - Delete Alt+ArrowUp Alt+ArrowDown"
          title="Type over it"
          onClick={() => setTyping(row.problem)}
          onKeyDown={onKeys}
          className="min-h-11 min-w-40 flex-1 rounded-lg px-2 text-left font-board text-lead hover:bg-shade data-[bad=true]:text-rust"
          data-bad={row.shown === undefined}
        >
          {row.problem}
          {answers && row.shown && (
            <span className="ml-3 text-straw">{row.shown.story?.answer ?? row.shown.answer}</span>
          )}
        </button>
      ) : (
        <input
          // biome-ignore lint/a11y/noAutofocus: the tutor pressed the problem to type over it
          autoFocus
          aria-label={`Type over problem ${nth + 1}`}
          value={typing}
          onChange={(event) => setTyping(event.target.value)}
          onBlur={() => done(typing)}
          onKeyDown={(event) => {
            if (event.key === "Enter") done(typing);
            if (event.key === "Escape") setTyping(undefined);
          }}
          className="min-h-11 min-w-40 flex-1 rounded-lg border border-edge bg-page px-2 font-board text-lead"
        />
      )}
      <span className="w-28 text-small leading-tight text-soft max-[1000px]:hidden print:hidden">
        {NOTCH_NAMES[row.shown?.notch ?? 0]}
      </span>
      <span className="flex print:hidden">
        <IconButton
          title={row.locked ? "Unlock" : "Lock"}
          label={row.locked ? `Unlock ${name}` : `Lock ${name}`}
          pressed={row.locked}
          onPress={() => sheet.lock(row)}
        >
          {row.locked ? (
            <Lock aria-hidden="true" className="size-4.5 text-plumb" />
          ) : (
            <LockOpen aria-hidden="true" className="size-4.5" />
          )}
        </IconButton>
        <IconButton
          title="Draw another"
          label={`Draw another for ${name}`}
          onPress={() => void sheet.redraw(row, 0)}
        >
          <RefreshCw aria-hidden="true" className="size-4.5" />
        </IconButton>
        <IconButton
          title="A notch easier"
          label={`A notch easier than ${name}`}
          onPress={() => void sheet.redraw(row, -1)}
        >
          <ChevronDown aria-hidden="true" className="size-5" />
        </IconButton>
        <IconButton
          title="A notch harder"
          label={`A notch harder than ${name}`}
          onPress={() => void sheet.redraw(row, 1)}
        >
          <ChevronUp aria-hidden="true" className="size-5" />
        </IconButton>
        <PlaceLink
          href={boardAddress({ problem: row.problem, house })}
          aria-label={`${name} on the Board`}
          title="On the Board"
          look="sign"
        >
          <Grid3x3 aria-hidden="true" className="size-4.5" />
        </PlaceLink>
        <PlaceLink
          href={turnAddress({ problem: row.problem, house })}
          aria-label={`${name} to a learner`}
          title="To a learner"
          look="sign"
        >
          <PenLine aria-hidden="true" className="size-4.5" />
        </PlaceLink>
        <IconButton
          title="Take it off"
          label={`Take ${name} off the sheet`}
          onPress={() => sheet.remove(row)}
        >
          <X aria-hidden="true" className="size-4.5" />
        </IconButton>
      </span>
      {row.message !== "" && (
        <p role="status" className="basis-full pb-1 pl-18 text-note text-rust print:hidden">
          {row.message}
        </p>
      )}
    </li>
  );
}

/** Goes to the problem above or below. */
function focusRow(from: HTMLElement, by: -1 | 1): void {
  const all = [...document.querySelectorAll<HTMLElement>("[data-sheet-problem]")];
  all[all.indexOf(from) + by]?.focus();
}
