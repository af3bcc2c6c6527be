import { Trash2 } from "lucide-react";
import type { ReactElement } from "react";
import type { StockList } from "@/core/stories";
import { readStock, stockCsv } from "@/render/formats/stockFile";
import { Button } from "../../parts/Button";
import { SaveStatus } from "../../parts/SaveStatus";
import type { OnDisk } from "../../saving/keptClient";
import { useOwnThing } from "../../saving/own/useOwnThing";
import { AsCsv } from "./AsCsv";
import { StockFields } from "./StockFields";
import { StockTable } from "./StockTable";
import { STOCK_CLIENT } from "./stockClient";
import { NEW_LIST, type StockDraft } from "./stockDraft";
import { draftOfList, listOfDraft } from "./stockOfDraft";

/** A stock list of the tutor's own: written, pasted or brought as a file, with what is taken of it shown as a table. */
export default function StockEditor({
  id,
  start,
  written,
  isUsed,
  onDraft,
  onKept,
  onUse,
  onTake,
}: {
  readonly id: string;
  /** The list as it is kept; none of a new one. */
  readonly start: OnDisk<StockList> | undefined;
  /** What is written of it and not kept. */
  readonly written: StockDraft | undefined;
  readonly isUsed: boolean;
  readonly onDraft: (draft: StockDraft) => void;
  readonly onKept: (list: StockList, isWritten: boolean) => void;
  readonly onUse: () => void;
  readonly onTake: () => void;
}): ReactElement {
  const draft = written ?? (start === undefined ? NEW_LIST : draftOfList(start.value));
  const list = listOfDraft(id, draft);
  const bad = readStock(draft.text).flatMap((row) => ("why" in row ? [row] : []));
  const { saving, keep, choose, bringBack } = useOwnThing(STOCK_CLIENT, "stockList", start, list, {
    draft: (other) => onDraft(draftOfList(other)),
    // Lines that are not taken stay, to be mended.
    kept: (one, isWritten) => onKept(one, isWritten || bad.length > 0),
  });
  return (
    <section aria-label={start?.value.name ?? draft.name} className="min-w-0">
      <div className="flex flex-wrap items-center gap-1">
        <input
          aria-label="The name of the list"
          value={draft.name}
          maxLength={60}
          onChange={({ target }) => onDraft({ ...draft, name: target.value })}
          className="h-11 w-64 rounded-lg border border-edge bg-page px-3 text-body font-semibold"
        />
        <Button look="main" disabled={list.things.length === 0} onClick={keep}>
          Keep {list.things.length} {list.things.length === 1 ? "thing" : "things"}
        </Button>
        {!isUsed && start !== undefined && start.value.things.length > 0 && (
          <Button look="quiet" onClick={onUse}>
            Use this list
          </Button>
        )}
        {isUsed && <p className="px-3 text-soft">In use</p>}
        <AsCsv name={(start?.value ?? list).name} csv={stockCsv(start?.value ?? list)} />
        <Button look="quiet" onClick={onTake}>
          <Trash2 aria-hidden="true" className="size-4.5" />
          Delete
        </Button>
        <SaveStatus saving={saving} onChoose={choose} onBringBack={bringBack} />
      </div>
      <StockFields draft={draft} onDraft={onDraft} />
      {bad.length > 0 && (
        <ul aria-label="Lines that are not taken" className="mt-3 grid gap-1">
          {bad.map(({ line, text, why }) => (
            <li key={line} className="text-rust">
              Line {line}, “{text}”: {why}
            </li>
          ))}
        </ul>
      )}
      <StockTable things={list.things} system={draft.system ?? "metric"} />
    </section>
  );
}
