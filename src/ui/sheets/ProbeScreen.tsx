import type { ReactElement } from "react";
import type { HouseRules } from "@/core/house";
import { STRANDS, type Strand } from "@/core/sheets";
import { STRAND_NAMES } from "@/core/wording";
import type { ProbeShown } from "@/service/requests";
import { ROUTES } from "@/service/routes";
import { PlaceLink } from "../parts/PlaceLink";
import { ProbeSheet } from "./ProbeSheet";
import { Probing } from "./Probing";

/** Probes: the fewest problems that tell patterns apart, with what each answer would mean; and one problem after the other, each chosen by the answers before. */
export function ProbeScreen({
  strand,
  patterns,
  seed,
  probe,
  house,
  drawing,
}: {
  /** None where it is for patterns of several strands. */
  readonly strand: Strand | undefined;
  readonly patterns: readonly string[];
  readonly seed: number;
  readonly probe: ProbeShown;
  readonly house: HouseRules;
  readonly drawing: number;
}): ReactElement {
  const title =
    strand === undefined ? "A probe for what is unclear" : `Probe: ${STRAND_NAMES[strand].toLowerCase()}`;
  return (
    <div className="grid h-full grid-cols-[minmax(0,230px)_minmax(0,1fr)] max-[900px]:h-auto max-[900px]:grid-cols-1 print:block">
      <nav
        aria-label="Strands"
        className="overflow-y-auto border-r border-edge px-4 py-5 max-[900px]:flex max-[900px]:flex-wrap max-[900px]:border-r-0 max-[900px]:border-b print:hidden"
      >
        <PlaceLink href={ROUTES.sheets} look="words" className="mb-2">
          The ladder
        </PlaceLink>
        {STRANDS.map((one) => (
          <PlaceLink
            key={one}
            href={ROUTES.probe(one)}
            aria-current={one === strand ? "page" : undefined}
            className="grid min-h-11 items-center rounded-lg border-l-4 border-transparent px-2.5 hover:bg-shade aria-[current]:border-plumb aria-[current]:bg-shade aria-[current]:font-semibold"
          >
            {STRAND_NAMES[one]}
          </PlaceLink>
        ))}
      </nav>
      <main
        // biome-ignore lint/a11y/noNoninteractiveTabindex: a probe longer than its room is scrolled by keys
        tabIndex={0}
        className="overflow-y-auto px-8 py-5 max-[700px]:px-4 print:overflow-visible print:p-0"
      >
        <h1 className="text-head leading-tight font-semibold">{title}</h1>
        <Probing strand={strand} patterns={patterns} seed={seed} house={house} />
        <ProbeSheet title={title} probe={probe} house={house} drawing={drawing} seed={seed} />
      </main>
    </div>
  );
}
