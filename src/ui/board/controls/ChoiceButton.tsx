import { ChevronDown } from "lucide-react";
import type { ReactElement, RefObject } from "react";

/** A choice of the board by name, with what it is a choice of in small above it. Pressing it offers the others. */
export function ChoiceButton({
  label,
  chosen,
  isOpen,
  disabled = false,
  button,
  onPress,
}: {
  readonly label: string;
  readonly chosen: string;
  readonly isOpen: boolean;
  readonly disabled?: boolean;
  readonly button: RefObject<HTMLButtonElement | null>;
  readonly onPress: () => void;
}): ReactElement {
  return (
    <button
      ref={button}
      type="button"
      aria-haspopup="dialog"
      aria-expanded={isOpen}
      disabled={disabled}
      onClick={onPress}
      className="flex h-12 shrink-0 items-center gap-2 rounded-xl border border-edge bg-page px-4 text-left disabled:opacity-60 max-[700px]:h-11 max-[700px]:min-w-0 max-[700px]:flex-1 max-[700px]:px-3"
    >
      <span className="flex min-w-0 flex-1 flex-col">
        <span className="text-small leading-4 text-soft">{label}</span>
        <span className="truncate text-note leading-5 max-[700px]:text-small">{chosen}</span>
      </span>
      <ChevronDown aria-hidden="true" className="size-4 shrink-0 text-soft" />
    </button>
  );
}
