"use client";

import type { ReactElement } from "react";
import { useGo } from "../Go";

/** A choice that changes the page: the paper begins anew with it. */
export function Choice({
  label,
  value,
  options,
}: {
  readonly label: string;
  readonly value: string;
  readonly options: readonly { readonly id: string; readonly name: string; readonly address: string }[];
}): ReactElement {
  const go = useGo();
  return (
    <label className="flex flex-col text-xs text-soft">
      {label}
      <select
        value={value}
        onChange={(event) => {
          const chosen = options.find(({ id }) => id === event.target.value);
          if (chosen) go(chosen.address);
        }}
        className="h-11 max-w-44 rounded-lg border border-edge bg-page px-2 text-[15px] text-ink"
      >
        {options.map(({ id, name }) => (
          <option key={id} value={id}>
            {name}
          </option>
        ))}
      </select>
    </label>
  );
}
