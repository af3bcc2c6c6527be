"use client";

import { DndContext, PointerSensor, TouchSensor, useSensor, useSensors } from "@dnd-kit/core";
import { type ReactElement, useId } from "react";
import type { HouseRules } from "@/core/house";
import type { Thing } from "@/core/stories";
import { HandedOver } from "./HandedOver";
import { SalesSlip } from "./SalesSlip";
import { given } from "./sale";
import { TillDrawer } from "./TillDrawer";
import { TillShelf } from "./TillShelf";
import { useTill } from "./useTill";

/** The till: things are rung up, their total is found, a note is taken, and the change is counted up out of the drawer. */
export function Till({
  things,
  house,
}: {
  readonly things: readonly { readonly thing: Thing; readonly price: number }[];
  readonly house: HouseRules;
}): ReactElement {
  const till = useTill(house);
  const { day, act } = till;
  const dragContext = useId();
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 6 } }),
    useSensor(TouchSensor, { activationConstraint: { delay: 120, tolerance: 8 } }),
  );
  return (
    <DndContext
      id={dragContext}
      sensors={sensors}
      onDragEnd={({ active, over }) => {
        if (over?.id === "counter" && day.paid !== undefined) act(given(day, Number(active.id)));
      }}
    >
      <div className="grid grid-cols-[minmax(0,250px)_minmax(0,1fr)_minmax(0,300px)] gap-6 max-[1000px]:grid-cols-1">
        <TillShelf things={things} till={till} />
        <section aria-label="The counter" className="min-w-0">
          <h2 className="mb-1.5 text-body font-semibold">The counter</h2>
          <SalesSlip till={till} />
          <HandedOver till={till} house={house} />
        </section>
        <TillDrawer till={till} house={house} />
      </div>
    </DndContext>
  );
}
