"use client";

import { Popover } from "radix-ui";
import { type ReactElement, type RefObject, useRef } from "react";
import { PlaceLink } from "../../parts/PlaceLink";

/** One thing that can be chosen, and why it can't be where it can't. */
export interface PanelChoice<Value> {
  readonly key: string;
  readonly value: Value;
  readonly name: string;
  readonly about: string;
  readonly chosen: boolean;
  readonly refused: boolean;
}

/** A list of choices under the button that opened it. */
export function ChoicePanel<Value>({
  label,
  choices,
  more,
  button,
  onChoose,
  onClose,
}: {
  readonly label: string;
  readonly choices: readonly PanelChoice<Value>[];
  /** A page that says more of these choices. */
  readonly more?: { readonly href: string; readonly text: string };
  readonly button: RefObject<HTMLButtonElement | null>;
  readonly onChoose: (value: Value) => void;
  readonly onClose: () => void;
}): ReactElement {
  const list = useRef<HTMLDivElement>(null);
  return (
    <Popover.Root open onOpenChange={(open) => !open && onClose()}>
      <Popover.Anchor
        virtualRef={{ current: button.current ?? { getBoundingClientRect: () => new DOMRect() } }}
      />
      <Popover.Portal>
        <Popover.Content
          ref={list}
          aria-label={label}
          align="start"
          sideOffset={6}
          collisionPadding={12}
          onOpenAutoFocus={(event) => {
            const chosen = list.current?.querySelector<HTMLElement>("[aria-pressed=true]");
            if (!chosen) return;
            event.preventDefault();
            chosen.focus();
          }}
          // The button that opened it closes it by itself.
          onInteractOutside={(event) => {
            if (event.target instanceof Node && button.current?.contains(event.target))
              event.preventDefault();
          }}
          className="z-30 max-h-(--radix-popover-content-available-height) w-[360px] overflow-y-auto rounded-xl border border-edge bg-page p-1.5 shadow-sheet outline-none"
        >
          {choices.map(({ key, value, name, about, chosen, refused }) => (
            <button
              key={key}
              type="button"
              aria-pressed={chosen}
              aria-disabled={refused}
              onClick={() => {
                if (refused) return;
                onChoose(value);
                onClose();
              }}
              className="block w-full rounded-lg px-3 py-2 text-left aria-disabled:cursor-default aria-disabled:text-soft not-aria-disabled:hover:bg-shade aria-pressed:font-semibold"
            >
              {name}
              <span className="block text-note leading-snug font-normal text-soft">{about}</span>
            </button>
          ))}
          {more && (
            <PlaceLink href={more.href} look="words" className="mt-1">
              {more.text}
            </PlaceLink>
          )}
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}
