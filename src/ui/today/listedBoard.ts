import type { HouseRules } from "@/core/house";
import type { MethodId } from "@/core/methods";

/** A kept board as the list shows it. */
export interface ListedBoard {
  readonly id: string;
  readonly problem: string;
  readonly method: MethodId;
  readonly methodName: string;
  readonly house: HouseRules;
  readonly step: number;
  readonly name: string;
  readonly pinned: boolean;
  readonly openedAt: Date;
}
