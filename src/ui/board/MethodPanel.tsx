"use client";

import { Popover } from "radix-ui";
import type { ReactElement, RefObject } from "react";
import { type MethodId, methodsFor } from "@/core/methods";
import type { Problem } from "@/core/problem";
import { METHOD_WORDS, refusalWords } from "@/core/wording";

/** Every method, with what it does, or why it does not take this problem. Loaded when it is first wanted. */
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
  return (
    <Popover.Root open onOpenChange={(open) => !open && onClose()}>
      <Popover.Anchor
        virtualRef={{ current: button.current ?? { getBoundingClientRect: () => new DOMRect() } }}
      />
      <Popover.Portal>
        <Popover.Content
          aria-label="Methods"
          align="start"
          sideOffset={6}
          // The button that opened it closes it by itself.
          onInteractOutside={(event) => {
            if (event.target instanceof Node && button.current?.contains(event.target))
              event.preventDefault();
          }}
          className="z-30 w-[360px] rounded-xl border border-edge bg-page p-1.5 shadow-sheet outline-none"
        >
          {methodsFor(problem).map(({ id, refusal }) => (
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
