"use client";

import { Dialog } from "radix-ui";
import type { ReactElement } from "react";
import type { HouseRules } from "@/core/house";
import { ROUTES } from "@/service/routes";
import { HouseSwitches } from "../../house/HouseSwitches";
import { PlaceLink } from "../../parts/PlaceLink";

import { PanelHeading } from "./PanelHeading";

/** The house rules of the open board, beside the paper they change. Loaded when they are first wanted. */
export default function HousePanel({
  house,
  onHouse,
  onClose,
}: {
  readonly house: HouseRules;
  readonly onHouse: (house: HouseRules) => void;
  readonly onClose: () => void;
}): ReactElement {
  return (
    <Dialog.Root open onOpenChange={(open) => !open && onClose()} modal={false}>
      <Dialog.Portal>
        <Dialog.Content
          aria-describedby={undefined}
          onInteractOutside={(event) => event.preventDefault()}
          className="fixed top-[74px] right-3 bottom-24 z-30 w-[392px] max-[1000px]:top-auto max-[1000px]:left-[100px] max-[1000px]:h-[34vh] max-[1000px]:w-auto max-[700px]:left-3 overflow-y-auto rounded-2xl border border-edge bg-page p-4 shadow-sheet outline-none"
        >
          <PanelHeading title="House rules of this board" />
          <HouseSwitches house={house} onHouse={onHouse} />
          <p className="mt-4 border-t border-edge pt-3 text-note text-soft">
            These are the rules of this board.{" "}
            <PlaceLink href={ROUTES.houseRules} look="words">
              Rules for every new board
            </PlaceLink>
          </p>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}
