"use client";

import { Ellipsis } from "lucide-react";
import { type ReactElement, type ReactNode, useId, useState } from "react";

/** Controls that stand open where there is room, and behind one button on a narrow screen, so that the paper has its place. */
export function FoldAway({
  label,
  children,
}: {
  readonly label: string;
  readonly children: ReactNode;
}): ReactElement {
  const [unfolded, setUnfolded] = useState(false);
  const id = useId();
  return (
    <>
      <button
        type="button"
        aria-label={label}
        aria-expanded={unfolded}
        aria-controls={id}
        onClick={() => setUnfolded(!unfolded)}
        className="hidden size-11 shrink-0 place-items-center rounded-lg text-soft hover:bg-shade aria-expanded:bg-shade max-[700px]:grid"
      >
        <Ellipsis aria-hidden="true" className="size-5" />
      </button>
      <div
        id={id}
        data-unfolded={unfolded}
        className="max-[700px]:basis-full max-[700px]:data-[unfolded=false]:hidden"
      >
        {children}
      </div>
    </>
  );
}
