/** How buttons and links look that lead on: the one that comes next, and the others beside it. */
export const MAIN_BUTTON =
  "flex h-11 items-center gap-2 rounded-lg bg-plumb px-4 font-semibold text-on-plumb hover:opacity-90 disabled:opacity-50";
export const QUIET_BUTTON =
  "flex h-11 items-center gap-2 rounded-lg px-3 font-semibold text-plumb hover:bg-shade aria-pressed:bg-shade data-[state=open]:bg-shade disabled:opacity-50";
