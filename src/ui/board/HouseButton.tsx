"use client";

import { ChevronDown } from "lucide-react";
import { Popover } from "radix-ui";
import type { ReactElement } from "react";
import { type HouseRules, nearestPreset } from "@/core/house";
import { PRESET_WORDS } from "@/core/wording";
import { LazyHousePanel } from "./lazy";

/** The house rules of the board by name, and a press away all their switches. */
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
    <Popover.Root open={isOpen} onOpenChange={onOpen}>
      <Popover.Trigger className="flex h-12 shrink-0 items-center gap-2 rounded-xl border border-edge bg-page px-4 text-left">
        <span className="flex flex-col">
          <span className="text-xs leading-4 text-soft">House rules{changed.length > 0 && ", changed"}</span>
          <span className="text-[15px] leading-5">{PRESET_WORDS[preset].name}</span>
        </span>
        <ChevronDown aria-hidden="true" className="size-4 shrink-0 text-soft" />
      </Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          align="end"
          sideOffset={6}
          collisionPadding={12}
          aria-label="House rules of this board"
          className="z-30 max-h-[min(640px,var(--radix-popover-content-available-height))] w-[min(470px,94vw)] overflow-y-auto rounded-2xl border border-edge bg-page p-4 shadow-sheet"
        >
          <LazyHousePanel house={house} onHouse={onHouse} />
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}
