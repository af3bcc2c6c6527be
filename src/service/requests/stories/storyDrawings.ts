import type { StoryKindId } from "@/core/stories";

/** The drawings that there are. */
export type Drawing =
  | "sum"
  | "rest"
  | "compare"
  | "enough"
  | "groups"
  | "spent"
  | "boxed"
  | "shares"
  | "fraction"
  | "wholeOf"
  | "rate"
  | "halves"
  | "saved"
  | "spentOnBoth"
  | "emptied"
  | "clock"
  | "line";

/** What each kind is drawn as. */
export const DRAWN: Readonly<Record<StoryKindId, Drawing>> = {
  "total-of-two": "sum",
  "total-of-three": "sum",
  "several-of-the-same": "groups",
  "change-from-a-note": "rest",
  "enough-or-not": "enough",
  "how-many-can-be-bought": "shares",
  gain: "rest",
  loss: "rest",
  "how-much-dearer": "compare",
  "how-much-heavier": "compare",
  "still-missing": "rest",
  "what-there-was-before": "sum",
  "what-is-left-in-it": "rest",
  "mass-of-several": "groups",
  "box-and-contents": "boxed",
  "joined-lengths": "sum",
  "cut-length": "rest",
  "wheels-that-can-be-spoked": "shares",
  "boxes-that-are-needed": "shares",
  "part-of-a-number": "fraction",
  "whole-from-a-part": "wholeOf",
  "times-as-much": "groups",
  "labour-by-the-hour": "rate",
  "duration-of-two-jobs": "sum",
  "temperature-that-rises": "line",
  "temperature-that-falls": "line",
  "height-above-and-below": "line",
  "cable-by-the-metre": "rate",
  "several-and-one-more": "groups",
  "change-from-several": "spent",
  "total-with-a-needless-number": "sum",
  "several-with-a-needless-number": "groups",
  "how-much-dearer-with-a-needless-number": "compare",
  "half-as-much": "halves",
  "how-much-cheaper-altogether": "saved",
  "change-from-two-things": "spentOnBoth",
  "cable-by-the-metre-in-centimetres": "rate",
  "how-much-heavier-in-two-units": "compare",
  "joined-lengths-in-two-units": "sum",
  "several-in-a-heavy-box": "groups",
  "empty-box": "emptied",
  "jobs-one-after-another": "groups",
  "when-it-ends": "clock",
  "when-it-began": "clock",
  "how-long-it-took": "clock",
  "a-part-as-long": "fraction",
  "the-rest-of-a-number": "fraction",
  "full-boxes": "shares",
  "boxes-with-a-needless-number": "shares",
  "how-much-longer": "compare",
  "how-much-higher": "compare",
  "fitting-several": "groups",
  "labour-for-minutes": "rate",
  "oil-by-the-litre": "rate",
  "grease-by-the-kilogram": "rate",
  "ride-by-the-hour": "groups",
  "pace-of-a-ride": "rate",
  "water-by-the-minute": "groups",
  "tape-by-the-minute": "groups",
  "box-that-was-not-weighed": "boxed",
  "change-from-a-note-that-is-not-named": "spent",
  "total-with-a-price-missing": "sum",
};
