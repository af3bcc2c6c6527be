"use client";

import { Popover } from "radix-ui";
import type { ReactElement, ReactNode } from "react";
import { LOOKS } from "../../../parts/looks";

/** A button with a panel of its own that opens under it. */
export function Panel({
  label,
  icon,
  children,
  startsOpen = false,
  wide = false,
  main = false,
}: {
  readonly label: string;
  readonly icon: ReactNode;
  readonly children: ReactNode;
  readonly startsOpen?: boolean;
  readonly wide?: boolean;
  /** Whether it is the next act. */
  readonly main?: boolean;
}): ReactElement {
  return (
    <Popover.Root defaultOpen={startsOpen}>
      <Popover.Trigger className={main ? LOOKS.main : LOOKS.quiet}>
        {icon}
        {label}
      </Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          aria-label={label}
          align="start"
          sideOffset={6}
          collisionPadding={12}
          data-wide={wide}
          className="z-30 max-h-(--radix-popover-content-available-height) w-[min(400px,94vw)] overflow-y-auto rounded-xl border border-edge bg-page p-4 shadow-sheet outline-none data-[wide=true]:w-[min(640px,94vw)]"
        >
          {children}
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}

/** A choice of a few, each a button that stays pressed. */
export function Choose<Id extends string>({
  name,
  of,
  chosen,
  onChoose,
}: {
  readonly name: string;
  readonly of: readonly { readonly id: Id; readonly name: string }[];
  readonly chosen: Id;
  readonly onChoose: (id: Id) => void;
}): ReactElement {
  return (
    <fieldset className="mt-3 first:mt-0">
      <legend className="text-small text-soft">{name}</legend>
      <div className="mt-1 flex flex-wrap gap-1">
        {of.map((one) => (
          <button
            key={one.id}
            type="button"
            aria-pressed={one.id === chosen}
            onClick={() => onChoose(one.id)}
            className="min-h-10 rounded-lg border border-edge px-3 text-note hover:bg-shade aria-pressed:border-plumb aria-pressed:bg-shade aria-pressed:font-semibold pointer-coarse:min-h-11"
          >
            {one.name}
          </button>
        ))}
      </div>
    </fieldset>
  );
}
