import { Download, Trash2 } from "lucide-react";
import type { ReactElement } from "react";
import type { StockList } from "@/core/stories";
import { readStock, stockCsv } from "@/render/formats/stockFile";
import { Button } from "../../parts/Button";
import { LOOKS } from "../../parts/looks";
import { SaveStatus } from "../../parts/SaveStatus";
import type { OnDisk } from "../../saving/keptClient";
import { useOwnThing } from "../../saving/own/useOwnThing";
import { StockFields } from "./StockFields";
import { StockTable } from "./StockTable";
import { listOfDraft, STOCK_CLIENT, type StockDraft } from "./stockDraft";

/** A stock list of the tutor's own: written, pasted or brought as a file, with what is taken of it shown as a table. */
export function StockEditor({
  id,
  start,
  draft,
  isUsed,
  onDraft,
  onList,
  onKept,
  onUse,
  onTake,
}: {
  readonly id: string;
  /** The list as it is kept; none of a new one. */
  readonly start: OnDisk<StockList> | undefined;
  readonly draft: StockDraft;
  readonly isUsed: boolean;
  readonly onDraft: (draft: StockDraft) => void;
  /** The list that another window made of it. */
  readonly onList: (list: StockList) => void;
  readonly onKept: (list: StockList, isWritten: boolean) => void;
  readonly onUse: () => void;
  readonly onTake: () => void;
}): ReactElement {
  const list = listOfDraft(id, draft);
  const bad = readStock(draft.text).flatMap((row) => ("why" in row ? [row] : []));
  const { saving, keep, choose, bringBack } = useOwnThing(STOCK_CLIENT, "stockList", start, list, {
    draft: onList,
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
          Keep {list.things.length} things
        </Button>
        {!isUsed && start !== undefined && start.value.things.length > 0 && (
          <Button look="quiet" onClick={onUse}>
            Use this list
          </Button>
        )}
        {isUsed && <p className="px-3 text-soft">In use</p>}
        <AsCsv list={start?.value ?? list} />
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

/** A list that comes with Right Sum: to be looked at, used and taken as a file to begin one's own from. */
export const ShippedStock = ({
  list,
  isUsed,
  onUse,
}: {
  readonly list: StockList;
  readonly isUsed: boolean;
  readonly onUse: () => void;
}): ReactElement => (
  <section aria-label={list.name} className="min-w-0">
    <div className="flex flex-wrap items-center gap-1">
      {isUsed ? (
        <p className="px-3 text-soft">In use</p>
      ) : (
        <Button look="quiet" onClick={onUse}>
          Use this list
        </Button>
      )}
      <AsCsv list={list} />
    </div>
    <StockTable things={list.things} system={list.system ?? "metric"} />
  </section>
);

const AsCsv = ({ list }: { readonly list: StockList }): ReactElement => (
  <a
    href={`data:text/csv;charset=utf-8,${encodeURIComponent(stockCsv(list))}`}
    download={`${list.name}.csv`}
    className={LOOKS.quiet}
  >
    <Download aria-hidden="true" className="size-4.5" />
    As CSV
  </a>
);
