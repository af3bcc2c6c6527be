import { KIT as CHAIN } from "./chain";
import { KIT as FRACTIONS } from "./fractions";
import { addKit } from "./kits";
import { KIT as MEASURES } from "./measures";
import { KIT as MONEY } from "./money";
import { KIT as SIGNED } from "./signed";

/** All kits at once, where there is no first load to keep small: on the server. */
export function addEveryKit(): void {
  for (const kit of [FRACTIONS, SIGNED, MONEY, MEASURES, CHAIN]) addKit(kit);
}
