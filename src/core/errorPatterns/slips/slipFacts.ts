import type { PatternFacts } from "../contract/errorPattern";

/** A way of carrying out badly what is known well: it can fall anywhere, and is no pattern. */
interface SlipFacts extends PatternFacts {
  /** How common it is among slips: of all of them that a problem has room for, roughly. */
  readonly share: number;
}

export const SLIPS: readonly SlipFacts[] = [
  {
    id: "slip-fact-off-by-one",
    example: ["4.7 + 3.8", "8.6"],
    lookAlikes: [],
    share: 0.26,
  },
  {
    id: "slip-digits-swapped",
    example: ["6.3 × 7", "41.4"],
    lookAlikes: [],
    share: 0.09,
  },
  {
    id: "slip-digit-miscopied",
    example: ["5.28 − 1.6", "3.63"],
    lookAlikes: [],
    share: 0.18,
  },
  {
    id: "slip-wrong-operation",
    example: ["12.5 − 4.2", "16.7"],
    lookAlikes: [],
    share: 0.12,
  },
  {
    id: "slip-sign-dropped",
    example: ["−8 − 5", "13"],
    lookAlikes: [],
    share: 0.08,
  },
  {
    id: "slip-fact-neighbour",
    example: ["47 × 6", "288"],
    lookAlikes: [],
    share: 0.12,
  },
  {
    id: "slip-digit-left-out",
    example: ["268 + 157", "45"],
    lookAlikes: [],
    share: 0.07,
  },
  {
    id: "slip-digit-twice",
    example: ["35 × 4", "1340"],
    lookAlikes: [],
    share: 0.03,
  },
  {
    id: "slip-near-key",
    example: ["5.6 + 2.7", "8.6"],
    lookAlikes: [],
    share: 0.05,
  },
];

/** Whether what lies behind an answer is a slip, and no pattern. */
export const isSlip = (id: string): boolean => SLIPS.some((slip) => slip.id === id);
