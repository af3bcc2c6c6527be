/** How everything looks that is pressed: buttons, and links that lead on. Each is as high as a finger. */
export const LOOKS = {
  /** The one that comes next. */
  main: "inline-flex min-h-11 items-center justify-center gap-2 rounded-lg bg-plumb px-4 font-semibold text-on-plumb hover:opacity-90 disabled:opacity-50",
  /** Others beside it. */
  quiet:
    "inline-flex min-h-11 items-center gap-2 rounded-lg px-3 font-semibold text-plumb hover:bg-shade aria-pressed:bg-shade data-[state=open]:bg-shade disabled:opacity-50",
  /** Others that stand apart, with an edge of their own. */
  edged:
    "inline-flex min-h-11 items-center justify-center gap-2 rounded-lg border border-edge bg-page px-4 font-semibold hover:bg-shade disabled:opacity-50",
  /** In a line of words. */
  words: "inline-grid min-h-11 items-center font-semibold text-plumb hover:underline disabled:opacity-50",
  /** A sign alone. */
  sign: "grid size-11 shrink-0 place-items-center rounded-lg text-soft hover:bg-shade hover:text-ink aria-expanded:bg-shade disabled:opacity-40",
} as const;
export type Look = keyof typeof LOOKS;

/** A look, and what is said of its place beside. */
export const lookOf = (look: Look | undefined, place: string | undefined): string | undefined =>
  look === undefined ? place : place === undefined ? LOOKS[look] : `${LOOKS[look]} ${place}`;
