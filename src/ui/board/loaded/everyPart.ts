import { PART as CHAIN } from "./chain";
import { PART as FRACTIONS } from "./fractions";
import { PART as MEASURES } from "./measures";
import { PART as MENTAL } from "./mental";
import { PART as MONEY } from "./money";
import { addPart } from "./parts";
import { PART as PRODUCTS } from "./products";
import { PART as QUANTITIES } from "./quantities";
import { PART as SIGNED } from "./signed";

/** All parts at once, where there is no first load to keep small: on the server. */
export function addEveryPart(): void {
  for (const part of [PRODUCTS, FRACTIONS, SIGNED, MONEY, MEASURES, QUANTITIES, CHAIN, MENTAL]) addPart(part);
}
