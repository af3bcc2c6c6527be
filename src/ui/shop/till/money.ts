import type { HouseRules } from "@/core/house";
import { fromCount } from "@/core/number";
import { fractionOf, readOneQuantity } from "@/core/problem";
import { amountOf, writeAmount } from "@/core/quantity";

/** An amount in the minor unit as the house writes it. */
export const writtenMoney = (minor: number, house: HouseRules): string =>
  writeAmount(amountOf(house.currency, fromCount(BigInt(minor), 2)), house);

/** An amount that was typed, in the minor unit; none where it is no amount. A number alone is taken in the house's money. */
export function readMoney(typed: string, house: HouseRules): number | undefined {
  const read = readOneQuantity(typed.trim(), house);
  if (!read.ok || read.value.kind === "measure") return undefined;
  const minor = fractionOf(read.value).mul(100);
  return minor.d === 1n ? Number(minor.s * minor.n) : undefined;
}
