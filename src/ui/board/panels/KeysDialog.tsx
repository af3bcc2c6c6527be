"use client";

import { Dialog } from "radix-ui";
import type { ReactElement } from "react";
import { HOW_PLACE_KEYS, ON_RAIL } from "../../places";
import { KEYS } from "../state/keys";
import { PanelHeading } from "./PanelHeading";

/** The keys of the Board. Loaded when they are first wanted. */
export default function KeysDialog({ onClose }: { readonly onClose: () => void }): ReactElement {
  return (
    <Dialog.Root open onOpenChange={(open) => !open && onClose()}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-30 bg-ink/30" />
        <Dialog.Content
          aria-describedby={undefined}
          className="fixed top-1/2 left-1/2 z-40 max-h-[90vh] w-[min(520px,92vw)] -translate-1/2 overflow-auto rounded-2xl border border-edge bg-page p-6 shadow-sheet"
        >
          <PanelHeading title="Keys of the board" />
          <Keys rows={KEYS} />
          <h3 className="mt-5 text-[15px] font-semibold">Places</h3>
          <p className="mt-0.5 text-[14px] text-soft">{HOW_PLACE_KEYS}.</p>
          <Keys rows={ON_RAIL.map(({ key, name }) => ({ shown: `Alt ${key}`, does: name }))} />
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}

const Keys = ({
  rows,
}: {
  readonly rows: readonly { readonly shown: string; readonly does: string }[];
}): ReactElement => (
  <dl className="mt-3 grid grid-cols-[4.5rem_1fr] gap-x-4 gap-y-2">
    {rows.map(({ shown, does }) => (
      <div key={shown} className="contents">
        <dt>
          <kbd className="inline-block min-w-9 rounded-md border border-edge bg-paper px-2 py-0.5 text-center font-sans text-sm">
            {shown}
          </kbd>
        </dt>
        <dd className="text-[15px]">{does}</dd>
      </div>
    ))}
  </dl>
);
