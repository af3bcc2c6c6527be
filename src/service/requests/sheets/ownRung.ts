import { featuresOf, isTrait, TRAITS, type TraitId, traitCounts } from "@/core/features";
import { type HouseChoices, houseRulesFrom } from "@/core/house";
import { done, failed, type Result } from "@/core/result";
import { drawOwn, fittingOf, lineError } from "@/core/sheets";
import { houseRefusalWords, NOTHING_FITS, readErrorWords } from "@/core/wording";
import type { Refusal } from "../../refusal";
import { type ShownRow, shownRow } from "./sheetRows";

/** A rung by hand: lines to fill in, and traits that must be there or must not. */
export interface OwnRungRequest {
  readonly lines: readonly string[];
  readonly always: readonly string[];
  readonly never: readonly string[];
  readonly house?: HouseChoices | undefined;
}

/** How many fillings are looked at for how many fit. */
const TRIED = 1000;
const SAMPLES = 8;

/** What a rung by hand gives: samples, how many of how many fillings fit, what its problems can have, and the lines that do not read. */
export interface OwnSamples {
  readonly samples: readonly ShownRow[];
  readonly fit: number;
  readonly tried: number;
  readonly traits: readonly TraitId[];
  readonly unread: readonly { readonly line: string; readonly message: string }[];
}

export function samplesOfOwnRung({
  lines,
  always,
  never,
  house: choices,
}: OwnRungRequest): Result<OwnSamples, Refusal> {
  const house = houseRulesFrom(choices ?? {});
  if (!house.ok) return failed({ code: house.error.kind, message: houseRefusalWords(house.error) });
  const unread = lines.flatMap((line) => {
    const error = lineError(line, house.value);
    return error === undefined ? [] : [{ line, message: readErrorWords(error, house.value) }];
  });
  const rung = {
    lines: lines.filter((line) => !unread.some((one) => one.line === line)),
    always: always.filter(isTrait),
    never: never.filter(isTrait),
  };
  if (rung.lines.length === 0) return done({ samples: [], fit: 0, tried: TRIED, traits: [], unread });
  const any = drawOwn({ ...rung, always: [], never: [] }, 24, house.value, 1);
  const met = any.ok ? any.value.map(({ working }) => traitCounts(featuresOf(working))) : [];
  const drawn = drawOwn(rung, SAMPLES, house.value, 1);
  return done({
    samples: drawn.ok ? drawn.value.map(({ working }) => shownRow(working)) : [],
    fit: fittingOf(rung, house.value, TRIED),
    tried: TRIED,
    traits: TRAITS.map(({ id }) => id).filter((id) => met.some((counts) => counts[id])),
    unread,
  });
}

/** A sheet of a rung by hand; fails where nothing fits. */
export function ownSheet(
  request: OwnRungRequest & { readonly count: number; readonly seed: number },
): Result<readonly ShownRow[], Refusal> {
  const house = houseRulesFrom(request.house ?? {});
  if (!house.ok) return failed({ code: house.error.kind, message: houseRefusalWords(house.error) });
  const rung = {
    lines: request.lines,
    always: request.always.filter(isTrait),
    never: request.never.filter(isTrait),
  };
  const drawn = drawOwn(rung, request.count, house.value, request.seed);
  return drawn.ok
    ? done(drawn.value.map(({ working }) => shownRow(working)))
    : failed({ code: "nothingDrawn", message: NOTHING_FITS });
}
