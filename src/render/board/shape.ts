/** What a mark is drawn as, in squares: the plumb line is x = 0, row 0 begins at y = 0. */
export type Shape =
  | {
      readonly kind: "text";
      readonly x: number;
      readonly y: number;
      /** Height of the letters' em, in squares. */
      readonly size: number;
      readonly text: string;
      readonly hollow: boolean;
    }
  | {
      readonly kind: "line";
      readonly x1: number;
      readonly y1: number;
      readonly x2: number;
      readonly y2: number;
      /** Thickness in squares. */
      readonly weight: number;
      readonly dashed: boolean;
    }
  /** A curve from one point to another, drawn towards a third without reaching it. */
  | {
      readonly kind: "curve";
      readonly x1: number;
      readonly y1: number;
      readonly x2: number;
      readonly y2: number;
      readonly towardsX: number;
      readonly towardsY: number;
      readonly weight: number;
    }
  /** A ring round a square's middle. */
  | {
      readonly kind: "ring";
      readonly x: number;
      readonly y: number;
      readonly radius: number;
      readonly weight: number;
    }
  /** A decimal point, or with a tail the decimal comma; hollow where it is understood and not written. */
  | {
      readonly kind: "dot";
      readonly x: number;
      readonly y: number;
      readonly tail: boolean;
      readonly hollow: boolean;
    };
