import type { ReactElement, ReactNode } from "react";

/** How anything looks that is pressed by a sign alone, as large as a finger where fingers press. */
export const ICON_LOOK =
  "grid size-10 shrink-0 place-items-center rounded-lg text-soft hover:bg-shade hover:text-ink pointer-coarse:size-11";

/** A button that is a sign, with its name for those who don't see it. */
export const IconButton = ({
  label,
  title = label,
  pressed,
  onPress,
  children,
}: {
  readonly label: string;
  /** What is shown where the pointer rests, if it is not all of the name. */
  readonly title?: string;
  readonly pressed?: boolean;
  readonly onPress: () => void;
  readonly children: ReactNode;
}): ReactElement => (
  <button
    type="button"
    aria-label={label}
    title={title}
    aria-pressed={pressed}
    onClick={onPress}
    className={ICON_LOOK}
  >
    {children}
  </button>
);
