"use client";

import { ChevronLeft, ChevronRight } from "lucide-react";
import type { ReactElement } from "react";
import type { HouseRules } from "@/core/house";
import type { Judged } from "@/core/paper";
import { faultAsk, faultWords, standingWords } from "@/core/wording";
import { Button } from "../../parts/Button";

/** The marked paper, gone through block by block. */
export function Walk({
  judged,
  house,
  at,
  onAt,
}: {
  readonly judged: Judged;
  readonly house: HouseRules;
  /** The claim that is spoken of, from 0. */
  readonly at: number;
  readonly onAt: (nth: number) => void;
}): ReactElement | null {
  const { claims, standings } = judged;
  const [claim, standing] = [claims[at], standings[at]];
  if (claim === undefined || standing === undefined) return null;
  return (
    <section
      aria-label="The marked paper"
      aria-live="polite"
      className="rounded-lg border border-edge px-3 py-2"
    >
      <div className="flex items-center gap-1">
        <Button look="sign" aria-label="The part before" disabled={at === 0} onClick={() => onAt(at - 1)}>
          <ChevronLeft aria-hidden="true" className="size-5" />
        </Button>
        <p className="text-note text-soft">
          Part {at + 1} of {claims.length}
        </p>
        <Button
          look="sign"
          aria-label="The next part"
          disabled={at === claims.length - 1}
          onClick={() => onAt(at + 1)}
        >
          <ChevronRight aria-hidden="true" className="size-5" />
        </Button>
      </div>
      <p data-wrong={standing === "wrong"} className="leading-snug data-[wrong=true]:text-rust">
        {claim.fault === undefined
          ? standingWords(standing)
          : `${faultWords(claim.fault, house)} ${faultAsk(claim.fault)}`}
      </p>
    </section>
  );
}
