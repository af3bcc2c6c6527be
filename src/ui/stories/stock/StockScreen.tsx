"use client";

import { Plus, Undo2 } from "lucide-react";
import dynamic from "next/dynamic";
import { useRouter } from "next/navigation";
import { type ReactElement, useEffect, useState } from "react";
import type { StockList } from "@/core/stories";
import { API_ROUTES } from "@/service/apiRoutes";
import type { Unread } from "@/service/kept/unread";
import { ROUTES } from "@/service/routes";
import { newId } from "../../ids";
import { Button } from "../../parts/Button";
import { PlaceLink } from "../../parts/PlaceLink";
import { UnreadNotes } from "../../parts/UnreadNotes";
import type { OnDisk } from "../../saving/keptClient";
import { useOtherWindows } from "../../saving/otherWindows";
import { useDrafts } from "../../saving/own/useDrafts";
import { useHandOver } from "../../saving/useHandOver";
import { send } from "../../saving/wire/send";
import { ShippedStock } from "./ShippedStock";
import { StockLists } from "./StockLists";
import { STOCK_CLIENT } from "./stockClient";
import { NEW_LIST, type StockDraft } from "./stockDraft";

/** What writes a list reads CSV, which the page does without as long as nobody writes one. */
const StockEditor = dynamic(() => import("./StockEditor"));

/** A list that was deleted just now. */
interface Taken {
  readonly id: string;
  readonly name: string;
  /** What was written of it and not kept. */
  readonly draft: StockDraft | undefined;
  readonly wasKept: boolean;
}

/** Lists of things that stories and the shop are about: the workshop's own, and those that a tutor writes or brings as CSV. */
export function StockScreen({
  shipped,
  shippedCsv,
  lists: onDisk,
  used: usedOnDisk,
  unread,
}: {
  readonly shipped: StockList;
  /** The same as a file. */
  readonly shippedCsv: string;
  readonly lists: readonly OnDisk<StockList>[];
  /** The id of the list that is in use. */
  readonly used: string;
  readonly unread: readonly Unread[];
}): ReactElement {
  const router = useRouter();
  const [lists, setLists] = useState(onDisk);
  const [inUse, setInUse] = useState(usedOnDisk);
  useEffect(() => setLists(onDisk), [onDisk]);
  useEffect(() => setInUse(usedOnDisk), [usedOnDisk]);
  useOtherWindows(router.refresh);
  useHandOver(STOCK_CLIENT, router.refresh);
  const [open, setOpen] = useState(usedOnDisk);
  // What is being written of each list stays while another one is looked at, and until it is kept.
  const { drafts, put, drop } = useDrafts<StockDraft>("stockListDraft", () =>
    import("./stockDraftSchema").then((module) => module.stockDraftSchema),
  );
  const [taken, setTaken] = useState<Taken>();
  const [message, setMessage] = useState("");
  const saved = lists.find(({ value }) => value.id === open);
  const written = drafts[open];
  const isOwn = written !== undefined || saved !== undefined;
  const begun = Object.entries(drafts).filter(([id]) => !lists.some(({ value }) => value.id === id));
  const act = async (address: string, body: object): Promise<void> => {
    const back = await send(address, "PUT", body);
    setMessage(back.ok ? "" : back.error.message);
    if (back.ok) router.refresh();
  };
  const use = (id: string): void => {
    setInUse(id);
    void act(API_ROUTES.stockUsed, { used: id });
  };
  const take = (): void => {
    const name = (written ?? saved?.value ?? NEW_LIST).name;
    setTaken({ id: open, name, draft: written, wasKept: saved !== undefined });
    setOpen(shipped.id);
    drop(open);
    if (saved === undefined) return;
    setLists(lists.filter((one) => one !== saved));
    void act(API_ROUTES.ownThingListed("stockList", open), { deleted: true });
  };
  const bringBack = ({ id, draft: unkept, wasKept }: Taken): void => {
    if (wasKept) void act(API_ROUTES.ownThingListed("stockList", id), { deleted: false });
    if (unkept !== undefined) put(id, unkept);
    setOpen(id);
    setTaken(undefined);
  };
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
          <StockLists
            lists={[
              { id: shipped.id, name: shipped.name, things: shipped.things.length },
              ...lists.map(({ value: { id, name, things } }) => ({ id, name, things: things.length })),
              ...begun.map(([id, one]) => ({
                id,
                name: one.name,
              })),
            ]}
            open={isOwn ? open : shipped.id}
            inUse={inUse}
            onOpen={setOpen}
          />
          <Button
            look="quiet"
            onClick={() => {
              const id = newId();
              put(id, NEW_LIST);
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
            <Button look="quiet" onClick={() => bringBack(taken)}>
              <Undo2 aria-hidden="true" className="size-4.5" />
              Bring “{taken.name}” back
            </Button>
          )}
          <UnreadNotes rows={unread} what="list" />
        </div>
        {!isOwn ? (
          <ShippedStock
            list={shipped}
            csv={shippedCsv}
            isUsed={inUse === shipped.id}
            onUse={() => use(shipped.id)}
          />
        ) : (
          <StockEditor
            key={open}
            id={open}
            start={saved}
            written={written}
            isUsed={inUse === open}
            onDraft={(one) => put(open, one)}
            onKept={(list, isWritten) => {
              if (saved === undefined) setLists([...lists, { value: list, revision: 0 }]);
              else setLists(lists.map((one) => (one === saved ? { ...one, value: list } : one)));
              if (!isWritten) drop(list.id);
              router.refresh();
            }}
            onUse={() => use(open)}
            onTake={take}
          />
        )}
      </div>
    </main>
  );
}
