import { type CurrencyId, pieceName } from "../../quantity";
import { listed } from "./line";
import { cardinal } from "./numberWords";

/** Coins and notes in words: two 25c and a $5. */
export function piecesInWords(pieces: readonly number[], currency: CurrencyId): string {
  const kinds = [...new Set(pieces)];
  return listed(
    kinds.map((kind) => {
      const count = pieces.filter((piece) => piece === kind).length;
      return `${cardinal(String(count))} ${pieceName(kind, currency)}`;
    }),
  );
}
