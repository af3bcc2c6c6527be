"use client";

import { CircleHelp, Hourglass, Minus, Moon, Plus, Sun, Tag, TextQuote } from "lucide-react";
import type { ReactElement, ReactNode } from "react";
import { SQUARE_SIZES, type View } from "@/service/kept/view";

/** Squares one size larger or smaller, within what there is. */
export function nextSquare(square: View["square"], by: 1 | -1): View["square"] {
  const at = SQUARE_SIZES.indexOf(square) + by;
  return SQUARE_SIZES[Math.min(Math.max(0, at), SQUARE_SIZES.length - 1)] ?? square;
}

/** What is shown and how large: the switches a tutor reaches for in the middle of a lesson. */
export function ViewControls({
  view,
  onView,
  onHelp,
}: {
  readonly view: View;
  readonly onView: (change: Partial<View>) => void;
  readonly onHelp: () => void;
}): ReactElement {
  const dark = view.theme === "slate";
  return (
    <fieldset className="flex shrink-0 items-center gap-0.5" aria-label="View">
      <Toggle label="Say line" on={view.sayLine} onPress={() => onView({ sayLine: !view.sayLine })}>
        <TextQuote aria-hidden="true" className="size-5" />
      </Toggle>
      <Toggle
        label="Place names"
        on={view.placeNames}
        onPress={() => onView({ placeNames: !view.placeNames })}
      >
        <Tag aria-hidden="true" className="size-5" />
      </Toggle>
      <Toggle
        label="Estimate waits for the learner's"
        on={view.estimateWaits}
        onPress={() => onView({ estimateWaits: !view.estimateWaits })}
      >
        <Hourglass aria-hidden="true" className="size-5" />
      </Toggle>
      <IconButton label="Smaller squares" onPress={() => onView({ square: nextSquare(view.square, -1) })}>
        <Minus aria-hidden="true" className="size-5" />
      </IconButton>
      <IconButton label="Larger squares" onPress={() => onView({ square: nextSquare(view.square, 1) })}>
        <Plus aria-hidden="true" className="size-5" />
      </IconButton>
      <IconButton
        label={dark ? "Paper theme" : "Slate theme"}
        onPress={() => onView({ theme: dark ? "paper" : "slate" })}
      >
        {dark ? (
          <Sun aria-hidden="true" className="size-5" />
        ) : (
          <Moon aria-hidden="true" className="size-5" />
        )}
      </IconButton>
      <IconButton label="Keys" onPress={onHelp}>
        <CircleHelp aria-hidden="true" className="size-5" />
      </IconButton>
    </fieldset>
  );
}

const BUTTON = "grid size-11 shrink-0 place-items-center rounded-lg text-soft hover:bg-shade hover:text-ink";

function Toggle({
  label,
  on,
  onPress,
  children,
}: {
  readonly label: string;
  readonly on: boolean;
  readonly onPress: () => void;
  readonly children: ReactNode;
}): ReactElement {
  return (
    <button
      type="button"
      role="switch"
      aria-checked={on}
      aria-label={label}
      title={label}
      onClick={onPress}
      className={`${BUTTON} aria-checked:bg-shade aria-checked:text-plumb`}
    >
      {children}
    </button>
  );
}

function IconButton({
  label,
  onPress,
  children,
}: {
  readonly label: string;
  readonly onPress: () => void;
  readonly children: ReactNode;
}): ReactElement {
  return (
    <button type="button" aria-label={label} title={label} onClick={onPress} className={BUTTON}>
      {children}
    </button>
  );
}
