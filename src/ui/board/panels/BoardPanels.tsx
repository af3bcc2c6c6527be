"use client";

import { type ReactElement, type RefObject, Suspense } from "react";
import type { Run } from "@/core/checks";
import type { HouseRules } from "@/core/house";
import type { Another } from "../../lessonSequence";
import {
  LazyAnotherPanel,
  LazyBesidePanel,
  LazyCalculatorPanel,
  LazyCopyPanel,
  LazyFormPanel,
  LazyHousePanel,
  LazyMethodPanel,
} from "../lazy";
import type { PageTool } from "../page/PageTools";
import type { OpenBoard } from "../state/boardState";
import type { BoardActs } from "../state/useBoard";

/** What can lie over the Board, one at a time. */
export type Menu = "method" | "house" | PageTool;

interface Panels {
  readonly menu: Menu | undefined;
  readonly run: Run | undefined;
  readonly open: OpenBoard | undefined;
  readonly step: number;
  readonly house: HouseRules;
  readonly acts: BoardActs;
  readonly buttons: Readonly<Record<PageTool | "method", RefObject<HTMLButtonElement | null>>>;
  readonly onDraw: (what: Another) => void;
  readonly onClose: () => void;
}

/** The panel that is open over the Board; the Board goes on while its code is on the way. */
export const BoardPanels = (panels: Panels): ReactElement => (
  <Suspense>
    <Panel {...panels} />
  </Suspense>
);

/** Only the keys and the house rules need no problem. */
function Panel({
  menu,
  run,
  open,
  step,
  house,
  acts,
  buttons,
  onDraw,
  onClose,
}: Panels): ReactElement | null {
  if (menu === undefined) return null;
  if (menu === "house") return <LazyHousePanel house={house} onHouse={acts.setHouse} onClose={onClose} />;
  if (run === undefined || open === undefined) return null;
  const { problem } = run.working;
  switch (menu) {
    case "method":
      return (
        <LazyMethodPanel
          problem={problem}
          method={open.method}
          button={buttons.method}
          onMethod={acts.setMethod}
          onClose={onClose}
        />
      );
    case "another":
      return (
        <LazyAnotherPanel
          button={buttons.another}
          onDraw={(what) => {
            onClose();
            onDraw(what);
          }}
          onClose={onClose}
        />
      );
    case "beside":
      return (
        <LazyBesidePanel
          problem={problem}
          method={open.method}
          beside={open.beside}
          button={buttons.beside}
          onBeside={acts.setBeside}
          onClose={onClose}
        />
      );
    case "form":
      return (
        <LazyFormPanel
          problem={problem}
          house={house}
          button={buttons.form}
          onForm={acts.setForm}
          onClose={onClose}
        />
      );
    case "calculator":
      return <LazyCalculatorPanel problem={problem} house={house} onClose={onClose} />;
    case "copy":
      return <LazyCopyPanel run={run} step={step} house={house} onClose={onClose} />;
  }
}
