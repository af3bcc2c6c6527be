"use client";

import { ChevronDown } from "lucide-react";
import { Select } from "radix-ui";
import type { ReactElement } from "react";
import { METHOD_IDS, type MethodId, methodsFor } from "@/core/methods";
import type { Problem } from "@/core/problem";
import { METHOD_WORDS, refusalWords } from "@/core/wording";

/** The method the problem is worked by. Methods that don't take it are listed too, each with why. */
export function MethodPicker({
  problem,
  method,
  onMethod,
  isOpen,
  onOpen,
}: {
  readonly problem: Problem | undefined;
  readonly method: MethodId | undefined;
  readonly onMethod: (method: MethodId) => void;
  readonly isOpen: boolean;
  readonly onOpen: (open: boolean) => void;
}): ReactElement {
  const refusals = new Map(problem ? methodsFor(problem).map(({ id, refusal }) => [id, refusal]) : []);
  return (
    <Select.Root
      value={method ?? ""}
      onValueChange={(value) => {
        const chosen = METHOD_IDS.find((id) => id === value);
        if (chosen) onMethod(chosen);
      }}
      open={isOpen}
      onOpenChange={onOpen}
      disabled={problem === undefined}
    >
      <Select.Trigger
        aria-label="Method"
        className="flex h-12 shrink-0 items-center gap-2 rounded-xl border border-edge bg-page px-4 text-left disabled:opacity-60"
      >
        <span className="flex flex-col">
          <span className="text-xs leading-4 text-soft">Method</span>
          <span className="text-[15px] leading-5">{method ? METHOD_WORDS[method].name : "Not yet"}</span>
        </span>
        <ChevronDown aria-hidden="true" className="size-4 shrink-0 text-soft" />
      </Select.Trigger>
      <Select.Portal>
        <Select.Content
          position="popper"
          sideOffset={6}
          className="z-30 w-[360px] rounded-xl border border-edge bg-page p-1.5 shadow-sheet"
        >
          <Select.Viewport>
            {METHOD_IDS.map((id) => {
              const refusal = refusals.get(id);
              return (
                <Select.Item
                  key={id}
                  value={id}
                  disabled={refusal !== undefined}
                  className="rounded-lg px-3 py-2 outline-none data-disabled:text-soft data-highlighted:bg-shade data-[state=checked]:font-semibold"
                >
                  <Select.ItemText>{METHOD_WORDS[id].name}</Select.ItemText>
                  <p className="text-sm leading-snug font-normal text-soft">
                    {refusal ? refusalWords(id, refusal) : METHOD_WORDS[id].about}
                  </p>
                </Select.Item>
              );
            })}
          </Select.Viewport>
        </Select.Content>
      </Select.Portal>
    </Select.Root>
  );
}
