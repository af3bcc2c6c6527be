"use client";

import { ChevronDown, X } from "lucide-react";
import { Dialog } from "radix-ui";
import type { ReactElement } from "react";
import { type HouseRules, nearestPreset } from "@/core/house";
import { PRESET_WORDS } from "@/core/wording";
import { LazyHousePanel } from "./lazy";

/** The house rules of the board by name, and a press away all their switches, beside the paper they change. */
export function HouseButton({
  house,
  onHouse,
  isOpen,
  onOpen,
}: {
  readonly house: HouseRules;
  readonly onHouse: (house: HouseRules) => void;
  readonly isOpen: boolean;
  readonly onOpen: (open: boolean) => void;
}): ReactElement {
  const { preset, changed } = nearestPreset(house);
  return (
    <Dialog.Root open={isOpen} onOpenChange={onOpen} modal={false}>
      <Dialog.Trigger className="flex h-12 shrink-0 items-center gap-2 rounded-xl border border-edge bg-page px-4 text-left">
        <span className="flex flex-col">
          <span className="text-xs leading-4 text-soft">House rules{changed.length > 0 && ", changed"}</span>
          <span className="text-[15px] leading-5">{PRESET_WORDS[preset].name}</span>
        </span>
        <ChevronDown aria-hidden="true" className="size-4 shrink-0 text-soft" />
      </Dialog.Trigger>
      <Dialog.Portal>
        <Dialog.Content
          aria-describedby={undefined}
          onInteractOutside={(event) => event.preventDefault()}
          className="fixed top-[74px] right-3 bottom-24 z-30 w-[392px] max-w-[94vw] overflow-y-auto rounded-2xl border border-edge bg-page p-4 shadow-sheet outline-none"
        >
          <div className="mb-2 flex items-center justify-between">
            <Dialog.Title className="text-lg font-semibold">House rules of this board</Dialog.Title>
            <Dialog.Close
              aria-label="Close"
              className="grid size-11 place-items-center rounded-lg hover:bg-shade"
            >
              <X aria-hidden="true" className="size-5" />
            </Dialog.Close>
          </div>
          <LazyHousePanel house={house} onHouse={onHouse} />
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}
