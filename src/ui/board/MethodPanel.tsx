"use client";

import { Popover } from "radix-ui";
import { type ReactElement, type RefObject, useRef } from "react";
import { type MethodId, methodsFor } from "@/core/methods";
import type { Problem } from "@/core/problem";
import { METHOD_WORDS, refusalWords } from "@/core/wording";

/** Every method: those that take this problem with what they do, then the others with why they do not. Loaded when it is first wanted. */
export default function MethodPanel({
  problem,
  method,
  button,
  onMethod,
  onClose,
}: {
  readonly problem: Problem;
  readonly method: MethodId;
  readonly button: RefObject<HTMLButtonElement | null>;
  readonly onMethod: (method: MethodId) => void;
  readonly onClose: () => void;
}): ReactElement {
  const list = useRef<HTMLDivElement>(null);
  const methods = methodsFor(problem);
  const offered = [...methods.filter(({ refusal }) => !refusal), ...methods.filter(({ refusal }) => refusal)];
  return (
    <Popover.Root open onOpenChange={(open) => !open && onClose()}>
      <Popover.Anchor
        virtualRef={{ current: button.current ?? { getBoundingClientRect: () => new DOMRect() } }}
      />
      <Popover.Portal>
        <Popover.Content
          ref={list}
          aria-label="Methods"
          align="start"
          sideOffset={6}
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
          className="z-30 w-[360px] rounded-xl border border-edge bg-page p-1.5 shadow-sheet outline-none"
        >
          {offered.map(({ id, refusal }) => (
            <button
              key={id}
              type="button"
              aria-pressed={id === method}
              aria-disabled={refusal !== undefined}
              onClick={() => {
                if (refusal) return;
                onMethod(id);
                onClose();
              }}
              className="block w-full rounded-lg px-3 py-2 text-left aria-disabled:cursor-default aria-disabled:text-soft not-aria-disabled:hover:bg-shade aria-pressed:font-semibold"
            >
              {METHOD_WORDS[id].name}
              <span className="block text-sm leading-snug font-normal text-soft">
                {refusal ? refusalWords(id, refusal) : METHOD_WORDS[id].about}
              </span>
            </button>
          ))}
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}
