"use client";

import { Check, Download, Plus, Trash2, Undo2 } from "lucide-react";
import { type ReactElement, useState } from "react";
import type { StockList } from "@/core/stories";
import { readStock, STOCK_COLUMNS, stockCsv } from "@/render/formats/stockFile";
import { Go } from "../Go";
import { newId } from "../ids";
import { send } from "../keeping/send";
import { ROUTES } from "../routes";

interface Kept {
  readonly lists: readonly StockList[];
  readonly used: string;
}

/** Lists of things that stories and the shop are about: the workshop's own, and those that a tutor writes or brings as CSV. */
export function StockScreen({
  shipped,
  lists: start,
  used: startUsed,
}: Kept & { readonly shipped: StockList }): ReactElement {
  const [{ lists, used }, setKept] = useState<Kept>({ lists: start, used: startUsed });
  const all = [shipped, ...lists];
  const inUse = all.some(({ id }) => id === used) ? used : shipped.id;
  const [open, setOpen] = useState(inUse);
  const [taken, setTaken] = useState<StockList>();
  const [message, setMessage] = useState("");
  const change = async (what: object): Promise<void> => {
    const back = await send<Kept>(ROUTES.stock, "PUT", what);
    setMessage(back.ok ? "" : back.error.message);
    if (back.ok) setKept(back.value);
  };
  const shown = all.find(({ id }) => id === open) ?? shipped;
  return (
    <main
      // biome-ignore lint/a11y/noNoninteractiveTabindex: a list longer than its room is scrolled by keys
      tabIndex={0}
      className="h-full overflow-y-auto px-8 py-5 max-[700px]:px-4"
    >
      <div className="flex flex-wrap items-center justify-between gap-2">
        <h1 className="text-[26px] leading-tight font-semibold">Stock lists</h1>
        <Go href={ROUTES.stories} className={QUIET}>
          Word problems
        </Go>
      </div>
      <p className="max-w-[760px] text-soft">
        Stories and the shop are about the things of the list that is in use. Each thing has what is plausible
        of it.
      </p>
      <div className="mt-4 grid grid-cols-[260px_minmax(0,1fr)] gap-8 max-[900px]:grid-cols-1">
        <div>
          <ul className="grid gap-1">
            {all.map(({ id, name, things }) => (
              <li key={id}>
                <button
                  type="button"
                  aria-pressed={open === id}
                  onClick={() => setOpen(id)}
                  className="flex min-h-11 w-full items-center justify-between gap-2 rounded-lg border-l-4 border-transparent px-3 text-left hover:bg-shade aria-pressed:border-plumb aria-pressed:bg-shade"
                >
                  <span>
                    {name}
                    <span className="block text-[13px] text-soft">{things.length} things</span>
                  </span>
                  {id === inUse && <Check aria-label="In use" className="size-5 text-plumb" />}
                </button>
              </li>
            ))}
          </ul>
          <button
            type="button"
            onClick={() => {
              const id = newId();
              setKept({ lists: [...lists, { id, name: "A list of your own", things: [] }], used });
              setOpen(id);
            }}
            className={`mt-2 ${QUIET}`}
          >
            <Plus aria-hidden="true" className="size-4.5" />A new list
          </button>
          <p role="status" className="mt-2 text-rust">
            {message}
          </p>
          {taken !== undefined && (
            <button
              type="button"
              onClick={() => {
                void change({ put: taken });
                setTaken(undefined);
              }}
              className={QUIET}
            >
              <Undo2 aria-hidden="true" className="size-4.5" />
              Bring “{taken.name}” back
            </button>
          )}
        </div>
        <StockEditor
          key={shown.id}
          list={shown}
          isShipped={shown.id === shipped.id}
          isUsed={shown.id === inUse}
          onKeep={(put) => void change({ put })}
          onUse={() => void change({ use: shown.id })}
          onTake={() => {
            setTaken(shown);
            setOpen(shipped.id);
            void change({ take: shown.id });
          }}
        />
      </div>
    </main>
  );
}

function StockEditor({
  list,
  isShipped,
  isUsed,
  onKeep,
  onUse,
  onTake,
}: {
  readonly list: StockList;
  readonly isShipped: boolean;
  readonly isUsed: boolean;
  readonly onKeep: (list: StockList) => void;
  readonly onUse: () => void;
  readonly onTake: () => void;
}): ReactElement {
  const [name, setName] = useState(list.name);
  const [text, setText] = useState(() => stockCsv(list.things));
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
            onChange={({ target }) => setName(target.value)}
            className="h-11 w-64 rounded-lg border border-edge bg-page px-3 text-[18px] font-semibold"
          />
        )}
        {!isShipped && (
          <button
            type="button"
            disabled={things.length === 0}
            onClick={() => onKeep({ id: list.id, name: name.trim() || "A list of your own", things })}
            className="h-11 rounded-lg bg-plumb px-4 font-semibold text-on-plumb hover:opacity-90 disabled:opacity-50"
          >
            Keep {things.length} things
          </button>
        )}
        {!isUsed && (
          <button type="button" onClick={onUse} className={QUIET}>
            Use this list
          </button>
        )}
        {isUsed && <p className="px-3 text-soft">In use</p>}
        <a
          href={`data:text/csv;charset=utf-8,${encodeURIComponent(stockCsv(list.things))}`}
          download={`${list.name}.csv`}
          className={QUIET}
        >
          <Download aria-hidden="true" className="size-4.5" />
          As CSV
        </a>
        {!isShipped && (
          <button type="button" onClick={onTake} className={QUIET}>
            <Trash2 aria-hidden="true" className="size-4.5" />
            Delete
          </button>
        )}
      </div>
      {!isShipped && (
        <div className="mt-3 grid gap-1">
          <label className="grid gap-1">
            <span className="text-[13px] text-soft">
              A thing a line: {STOCK_COLUMNS.join(", ")}. Write, paste, or choose a file; what is not known
              stays empty.
            </span>
            <textarea
              value={text}
              rows={9}
              spellCheck={false}
              onChange={({ target }) => setText(target.value)}
              className="w-full rounded-lg border border-edge bg-page p-3 font-board text-[16px]"
            />
          </label>
          <label className="text-[13px] text-soft">
            A CSV file{" "}
            <input
              type="file"
              accept=".csv,text/csv"
              onChange={({ target }) => void target.files?.[0]?.text().then(setText)}
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
        <table className="w-full min-w-[620px] text-left">
          <thead>
            <tr className="border-b-2 border-ink text-[13px] text-soft">
              {["One", "Several", "Price", "Grams", "Centimetres", "Millilitres"].map((head) => (
                <th key={head} scope="col" className="py-1.5 pr-4 font-semibold">
                  {head}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {things.map(({ one, many, price, mass, length, volume }, nth) => (
              // biome-ignore lint/suspicious/noArrayIndexKey: the things stand in the order of their lines
              <tr key={nth} className="border-b border-edge">
                <th scope="row" className="py-1.5 pr-4 font-normal">
                  {one}
                </th>
                <td className="pr-4">{many}</td>
                <td className="pr-4">{price && fromTo(price, 100)}</td>
                <td className="pr-4">{mass && fromTo(mass, 1)}</td>
                <td className="pr-4">{length && fromTo(length, 1)}</td>
                <td>{volume && fromTo(volume, 1)}</td>
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

const QUIET = "inline-flex h-11 items-center gap-2 rounded-lg px-3 font-semibold text-plumb hover:bg-shade";
