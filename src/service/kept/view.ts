/** How the tutor likes the screen: kept with the tutor's data, the same for every board. */
export interface View {
  readonly theme: (typeof THEMES)[number];
  /** Size of a square in pixels. */
  readonly square: (typeof SQUARE_SIZES)[number];
  readonly placeNames: boolean;
  readonly sayLine: boolean;
  /** Whether the estimate waits until the learner has made one. */
  readonly estimateWaits: boolean;
  /** Whether the line to say is spoken by the browser's own voice. */
  readonly aloud: boolean;
  /** Seconds a step stands while the run plays. */
  readonly pace: (typeof PACES)[number];
}

export const THEMES = ["system", "paper", "slate"] as const;
export const SQUARE_SIZES = [44, 50, 60, 72, 84, 96] as const;
export const PACES = [2, 4, 8] as const;

export const FIRST_VIEW: View = {
  theme: "system",
  square: 50,
  placeNames: true,
  sayLine: true,
  estimateWaits: false,
  aloud: false,
  pace: 4,
};
