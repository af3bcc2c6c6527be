"use client";

import { Check, Plus, Undo2 } from "lucide-react";
import { type ReactElement, useState } from "react";
import type { StockList } from "@/core/stories";
import { stockCsv } from "@/render/formats/stockFile";
import { ROUTES } from "@/service/routes";
import { newId } from "../ids";
import { Button } from "../parts/Button";
import { PlaceLink } from "../parts/PlaceLink";
import { ask } from "../saving/wire/ask";
import { VIEWS } from "../saving/wire/views";
import { type StockDraft, StockEditor } from "./StockEditor";

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
  // What is being written of each list stays while another one is looked at.
  const [drafts, setDrafts] = useState<Readonly<Record<string, StockDraft>>>({});
  const [taken, setTaken] = useState<StockList>();
  const [message, setMessage] = useState("");
  const change = async (what: object): Promise<void> => {
    const back = await ask(VIEWS.stock, ROUTES.stock, "PUT", what);
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
        <h1 className="text-head leading-tight font-semibold">Stock lists</h1>
        <PlaceLink href={ROUTES.stories} look="quiet">
          Word problems
        </PlaceLink>
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
                    <span className="block text-small text-soft">{things.length} things</span>
                  </span>
                  {id === inUse && <Check aria-label="In use" className="size-5 text-plumb" />}
                </button>
              </li>
            ))}
          </ul>
          <Button
            look="quiet"
            onClick={() => {
              const id = newId();
              setKept({ lists: [...lists, { id, name: "A list of your own", things: [] }], used });
              setOpen(id);
            }}
            className="mt-2"
          >
            <Plus aria-hidden="true" className="size-4.5" />A new list
          </Button>
          <p role="status" className="mt-2 text-rust">
            {message}
          </p>
          {taken !== undefined && (
            <Button
              look="quiet"
              onClick={() => {
                void change({ put: taken });
                setTaken(undefined);
              }}
            >
              <Undo2 aria-hidden="true" className="size-4.5" />
              Bring “{taken.name}” back
            </Button>
          )}
        </div>
        <StockEditor
          key={shown.id}
          list={shown}
          draft={
            drafts[shown.id] ?? {
              name: shown.name,
              text: stockCsv(shown),
              currency: shown.currency,
              system: shown.system,
            }
          }
          onDraft={(draft) => setDrafts({ ...drafts, [shown.id]: draft })}
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
