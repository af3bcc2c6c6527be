import type { Metadata } from "next";
import type { ReactElement } from "react";
import { choicesOf } from "@/core/house";
import { DRAWING_VERSION, STRANDS } from "@/core/sheets";
import { computeSlowly } from "@/threads/pool";
import { ProbeScreen } from "@/ui/sheets";
import { type Parameters, parametersOf } from "../../reading/parameters";
import { savedHouse } from "../../reading/saved";
import { TooMuch } from "../../TooMuch";

export const metadata: Metadata = { title: "Probes" };

export default async function ProbePage({
  searchParams,
}: {
  readonly searchParams: Parameters;
}): Promise<ReactElement> {
  const { strand: asked, patterns: named = "", seed: typed = "" } = await parametersOf(searchParams);
  const patterns = named.split(",").filter((one) => one !== "");
  const strand = STRANDS.find((one) => one === asked) ?? (patterns.length === 0 ? STRANDS[2] : undefined);
  const seed = /^\d{1,9}$/.test(typed) ? Number(typed) : 1;
  const house = savedHouse();
  const request = { strand, patterns, seed, house: choicesOf(house) };
  const found = await computeSlowly("probe", request);
  if (!found.ok) return <TooMuch message={found.error.message} />;
  if (!found.value.ok) return <TooMuch message={found.value.error.message} />;
  return (
    <ProbeScreen
      key={`${strand} ${named} ${seed}`}
      strand={strand}
      patterns={patterns}
      seed={seed}
      probe={found.value.value}
      house={house}
      drawing={DRAWING_VERSION}
    />
  );
}
