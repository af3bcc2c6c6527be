import type { ReactElement, ReactNode } from "react";
import { type Look, lookOf } from "./looks";

/** Lets a file be chosen, and looks like a button. The same one can be chosen again. */
export const ChooseFile = ({
  look,
  accept,
  disabled = false,
  onChosen,
  children,
}: {
  readonly look: Look;
  readonly accept: string;
  readonly disabled?: boolean;
  readonly onChosen: (chosen: File) => void;
  readonly children: ReactNode;
}): ReactElement => (
  <label
    className={lookOf(
      look,
      "cursor-pointer focus-within:outline-2 focus-within:outline-offset-2 focus-within:outline-plumb has-disabled:cursor-default has-disabled:opacity-50",
    )}
  >
    {children}
    <input
      type="file"
      accept={accept}
      disabled={disabled}
      className="sr-only"
      onChange={({ target }) => {
        const chosen = target.files?.[0];
        target.value = "";
        if (chosen) onChosen(chosen);
      }}
    />
  </label>
);
