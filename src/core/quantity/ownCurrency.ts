import { done, failed, type Result } from "../result";
import { unitTyped } from "./units";

/** What a tutor says of a currency of their own: its signs and names, its coins and notes in the minor unit. */
export interface OwnCurrency {
  readonly sign: string;
  readonly minorSign: string;
  readonly name: string;
  readonly names: string;
  readonly minor: string;
  readonly minors: string;
  readonly coins: readonly number[];
  readonly notes: readonly number[];
}

/** A currency written out: `own|kr|ör|crown|crowns|cent|cents|10+50+100|5000+10000`. It fits wherever an id does. */
export type OwnCurrencyId = `own|${string}`;

/** What keeps a currency from being used. */
export type OwnCurrencyError =
  | { readonly kind: "sign"; readonly given: string }
  | { readonly kind: "name"; readonly given: string }
  | { readonly kind: "coins" }
  | { readonly kind: "notes" };

const SIGN = /^(?:\p{Sc}|\p{L}{1,3})$/u;
const NAME = /^\p{L}[\p{L} ]{0,19}$/u;
/** Words that mean something else in a line. */
const TAKEN = /^(?:x|of|and|with|to|as|in|is|for|from|rs?|[$£€₱₹])$/iu;
const MOST_PIECES = 12;
const LARGEST_PIECE = 10_000_000;

/** The id of a currency, or what is wrong with it. Coins are of at least one of the minor unit, notes of whole major ones. */
export function ownCurrencyId(own: OwnCurrency): Result<OwnCurrencyId, OwnCurrencyError> {
  for (const sign of [own.sign, own.minorSign]) {
    if (!SIGN.test(sign) || TAKEN.test(sign) || unitTyped(sign) !== undefined)
      return failed({ kind: "sign", given: sign });
  }
  if (own.sign.toLowerCase() === own.minorSign.toLowerCase())
    return failed({ kind: "sign", given: own.minorSign });
  for (const name of [own.name, own.names, own.minor, own.minors]) {
    if (!NAME.test(name)) return failed({ kind: "name", given: name });
  }
  if (own.coins.length === 0 || !arePieces(own.coins)) return failed({ kind: "coins" });
  if (own.notes.length === 0 || !arePieces(own.notes) || own.notes.some((note) => note % 100 !== 0))
    return failed({ kind: "notes" });
  const { sign, minorSign, name, names, minor, minors, coins, notes } = own;
  const parts = [sign, minorSign, name, names, minor, minors, coins.join("+"), notes.join("+")];
  const id: OwnCurrencyId = `own|${parts.join("|")}`;
  return done(id);
}

/** Pieces rise, none is there twice, and there are not too many. */
const arePieces = (pieces: readonly number[]): boolean =>
  pieces.length <= MOST_PIECES &&
  pieces.every(
    (piece, index) => Number.isInteger(piece) && piece > (pieces[index - 1] ?? 0) && piece <= LARGEST_PIECE,
  );

function parted(id: string): OwnCurrency | undefined {
  const [
    own,
    sign = "",
    minorSign = "",
    name = "",
    names = "",
    minor = "",
    minors = "",
    coins = "",
    notes = "",
    ...more
  ] = id.split("|");
  if (own !== "own" || more.length > 0) return undefined;
  const pieces = (text: string): readonly number[] => text.split("+").map(Number);
  return { sign, minorSign, name, names, minor, minors, coins: pieces(coins), notes: pieces(notes) };
}

/** The last currency that was asked about: a line, a sheet or a screen has one, and asks for it over and over. */
let last: { readonly text: string; readonly own: OwnCurrency | undefined } = { text: "", own: undefined };

/** The currency that a text writes out; none where it writes out none that can be used. */
function read(text: string): OwnCurrency | undefined {
  if (text === last.text) return last.own;
  const own = text.startsWith("own|") ? parted(text) : undefined;
  last = { text, own: own !== undefined && ownCurrencyId(own).ok ? own : undefined };
  return last.own;
}

/** Whether a text is the id of a currency that can be used. */
export const isOwnCurrency = (text: string): text is OwnCurrencyId =>
  text.startsWith("own|") && read(text) !== undefined;

/** The currency that an id writes out. */
export function ownCurrencyOf(id: OwnCurrencyId): OwnCurrency {
  const own = read(id);
  if (own === undefined) throw new Error(`ownCurrencyOf: ${id} is no currency`);
  return own;
}
