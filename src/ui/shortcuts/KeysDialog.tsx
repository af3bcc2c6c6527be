"use client";

import { X } from "lucide-react";
import { usePathname } from "next/navigation";
import { Dialog } from "radix-ui";
import type { ReactElement } from "react";
import { LOOKS } from "../parts/looks";
import type { Shortcut } from "./shortcut";
import { EVERYWHERE, HOW_PLACE_KEYS, shortcutsAt } from "./shortcuts";

/** The keys of the place that is open, and those that work everywhere. Loaded when they are first wanted. */
export default function KeysDialog({ onClose }: { readonly onClose: () => void }): ReactElement {
  const here = shortcutsAt(usePathname());
  return (
    <Dialog.Root open onOpenChange={(open) => !open && onClose()}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-30 bg-ink/30" />
        <Dialog.Content
          aria-describedby={undefined}
          className="fixed top-1/2 left-1/2 z-40 max-h-[90vh] w-[min(560px,92vw)] -translate-1/2 overflow-auto rounded-2xl border border-edge bg-page p-6 shadow-sheet"
        >
          <div className="mb-2 flex items-center justify-between">
            <Dialog.Title className="text-body font-semibold">
              {here === undefined ? "Keys" : `Keys of ${here.place}`}
            </Dialog.Title>
            <Dialog.Close aria-label="Close" className={LOOKS.sign}>
              <X aria-hidden="true" className="size-5" />
            </Dialog.Close>
          </div>
          {here && <Keys rows={here.rows} />}
          <h3 className="mt-5 text-note font-semibold">Everywhere</h3>
          <p className="mt-0.5 text-note text-soft">The places: {HOW_PLACE_KEYS}.</p>
          <Keys rows={EVERYWHERE} />
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}

const Keys = ({ rows }: { readonly rows: readonly Shortcut[] }): ReactElement => (
  <dl className="mt-3 grid grid-cols-[auto_1fr] items-baseline gap-x-4 gap-y-2">
    {rows.map(({ shown, does }) => (
      <div key={shown} className="contents">
        <dt>
          <kbd className="inline-block min-w-9 rounded-md border border-edge bg-paper px-2 py-0.5 text-center font-sans text-note whitespace-nowrap">
            {shown}
          </kbd>
        </dt>
        <dd className="text-note">{does}</dd>
      </div>
    ))}
  </dl>
);
