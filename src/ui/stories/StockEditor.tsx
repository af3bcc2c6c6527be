import { Download, Trash2 } from "lucide-react";
import type { ReactElement } from "react";
import { CURRENCY_IDS, currencyOf } from "@/core/quantity";
import { MEASURES, type StockList, UNIT_SYSTEMS } from "@/core/stories";
import { STOCK_HEADS } from "@/core/wording";
import { readStock, stockColumns, stockCsv } from "@/render/formats/stockFile";
import { Button } from "../parts/Button";
import { LOOKS } from "../parts/looks";

/** What is being written of a list. */
export interface StockDraft {
  readonly name: string;
  readonly text: string;
  /** None where the list has the money of the house, or is metric. */
  readonly currency: StockList["currency"];
  readonly system: StockList["system"];
}

/** A stock list: written, pasted or brought as a file, with what is taken of it shown as a table. */
export function StockEditor({
  list,
  draft,
  isShipped,
  isUsed,
  onDraft,
  onKeep,
  onUse,
  onTake,
}: {
  /** The list as it is kept, and as it is being written. */
  readonly list: StockList;
  readonly draft: StockDraft;
  readonly isShipped: boolean;
  readonly isUsed: boolean;
  readonly onDraft: (draft: StockDraft) => void;
  readonly onKeep: (list: StockList) => void;
  readonly onUse: () => void;
  readonly onTake: () => void;
}): ReactElement {
  const { name, text, currency, system = "metric" } = draft;
  const rows = readStock(text);
  const things = rows.flatMap((row) => ("thing" in row ? [row.thing] : []));
  const bad = rows.flatMap((row, nth) => ("why" in row ? [{ ...row, nth }] : []));
  return (
    <section aria-label={list.name} className="min-w-0">
      <div className="flex flex-wrap items-center gap-1">
        {!isShipped && (
          <input
            aria-label="The name of the list"
            value={name}
            maxLength={60}
            onChange={({ target }) => onDraft({ ...draft, name: target.value })}
            className="h-11 w-64 rounded-lg border border-edge bg-page px-3 text-body font-semibold"
          />
        )}
        {!isShipped && (
          <Button
            look="main"
            disabled={things.length === 0}
            onClick={() =>
              onKeep({ id: list.id, name: name.trim() || "A list of your own", things, currency, system })
            }
          >
            Keep {things.length} things
          </Button>
        )}
        {!isUsed && list.things.length > 0 && (
          <Button look="quiet" onClick={onUse}>
            Use this list
          </Button>
        )}
        {isUsed && <p className="px-3 text-soft">In use</p>}
        <a
          href={`data:text/csv;charset=utf-8,${encodeURIComponent(stockCsv(list))}`}
          download={`${list.name}.csv`}
          className={LOOKS.quiet}
        >
          <Download aria-hidden="true" className="size-4.5" />
          As CSV
        </a>
        {!isShipped && (
          <Button look="quiet" onClick={onTake}>
            <Trash2 aria-hidden="true" className="size-4.5" />
            Delete
          </Button>
        )}
      </div>
      {!isShipped && (
        <div className="mt-3 grid gap-1">
          <div className="flex flex-wrap gap-4">
            <label className="flex items-center gap-2">
              <span className="text-small text-soft">Its money</span>
              <select
                value={currency ?? ""}
                onChange={({ target }) =>
                  onDraft({ ...draft, currency: CURRENCY_IDS.find((id) => id === target.value) })
                }
                className="h-11 rounded-lg border border-edge bg-page px-2"
              >
                <option value="">As in the house rules</option>
                {CURRENCY_IDS.map((id) => (
                  <option key={id} value={id}>
                    {currencyOf(id).sign} {id}
                  </option>
                ))}
              </select>
            </label>
            <label className="flex items-center gap-2">
              <span className="text-small text-soft">Its units</span>
              <select
                value={system}
                onChange={({ target }) =>
                  onDraft({ ...draft, system: UNIT_SYSTEMS.find((id) => id === target.value) })
                }
                className="h-11 rounded-lg border border-edge bg-page px-2"
              >
                <option value="metric">Grams, centimetres, millilitres</option>
                <option value="imperial">Ounces, inches, fluid ounces</option>
              </select>
            </label>
          </div>
          <label className="grid gap-1">
            <span className="text-small text-soft">
              A thing a line: {stockColumns(system).join(", ")}. Write, paste, or choose a file; what is not
              known stays empty.
            </span>
            <textarea
              value={text}
              rows={9}
              spellCheck={false}
              onChange={({ target }) => onDraft({ ...draft, text: target.value })}
              className="w-full rounded-lg border border-edge bg-page p-3 font-board text-body"
            />
          </label>
          <label className="text-small text-soft">
            A CSV file{" "}
            <input
              type="file"
              accept=".csv,text/csv"
              onChange={({ target }) =>
                void target.files?.[0]?.text().then((read) => onDraft({ ...draft, text: read }))
              }
              className="text-ink"
            />
          </label>
        </div>
      )}
      {bad.length > 0 && (
        <ul aria-label="Lines that are not taken" className="mt-3 grid gap-1">
          {bad.map(({ nth, text: line, why }) => (
            <li key={nth} className="text-rust">
              Line {nth + 1}, “{line}”: {why}
            </li>
          ))}
        </ul>
      )}
      <section
        // biome-ignore lint/a11y/noNoninteractiveTabindex: a table wider than its room is scrolled by keys
        tabIndex={0}
        aria-label="The things of the list"
        className="mt-4 overflow-x-auto"
      >
        <table className="w-full min-w-[860px] text-left">
          <thead>
            <tr className="border-b-2 border-ink text-small text-soft">
              {["one", "several", ...MEASURES.map((measure) => STOCK_HEADS[system][measure])].map((head) => (
                <th key={head} scope="col" className="py-1.5 pr-4 font-semibold first-letter:uppercase">
                  {head}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {things.map((thing, nth) => (
              // biome-ignore lint/suspicious/noArrayIndexKey: the things stand in the order of their lines
              <tr key={nth} className="border-b border-edge">
                <th scope="row" className="py-1.5 pr-4 font-normal">
                  {thing.one}
                </th>
                <td className="pr-4">{thing.many}</td>
                {MEASURES.map((id) => (
                  <td key={id} className="pr-4 whitespace-nowrap">
                    {thing[id] && fromTo(thing[id], id === "price" ? 100 : 1)}
                  </td>
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      </section>
    </section>
  );
}

const fromTo = ([from, to]: readonly [number, number], under: number): string =>
  `${(from / under).toFixed(under === 100 ? 2 : 0)} to ${(to / under).toFixed(under === 100 ? 2 : 0)}`;
