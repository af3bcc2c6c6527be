"use client";

import type { ReactElement, ReactNode } from "react";

/** A key of the learner's board, as large as a finger. */
export const KeyButton = ({
  label,
  on,
  onPress,
  children,
}: {
  readonly label: string;
  readonly on?: boolean;
  readonly onPress: () => void;
  readonly children: ReactNode;
}): ReactElement => (
  <button
    type="button"
    aria-label={label}
    title={label}
    aria-pressed={on}
    // The paper keeps the focus, so that keys go on writing.
    onPointerDown={(event) => event.preventDefault()}
    onClick={onPress}
    className="grid h-12 min-w-11 place-items-center rounded-lg border border-edge bg-page hover:bg-shade aria-pressed:border-pencil aria-pressed:bg-shade"
  >
    {children}
  </button>
);
