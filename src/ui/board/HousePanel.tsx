"use client";

import type { ReactElement } from "react";
import type { HouseRules } from "@/core/house";
import { HouseSwitches } from "../house/HouseSwitches";
import { ROUTES } from "../routes";

/** The house rules of the open board. Loaded when they are first wanted. */
export default function HousePanel({
  house,
  onHouse,
}: {
  readonly house: HouseRules;
  readonly onHouse: (house: HouseRules) => void;
}): ReactElement {
  return (
    <>
      <HouseSwitches house={house} onHouse={onHouse} />
      <p className="mt-4 border-t border-edge pt-3 text-sm text-soft">
        These are the rules of this board.{" "}
        <a href={ROUTES.houseRules} className="font-semibold text-plumb">
          Rules for every new board
        </a>
      </p>
    </>
  );
}
