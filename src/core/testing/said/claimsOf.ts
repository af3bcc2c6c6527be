import { below, ratio, same, size, times } from "../../claims";
import type { HouseRules } from "../../house";
import { CHAIN, worked } from "./chains";
import { FORMS, minusOf } from "./forms";
import { quantity } from "./numbersRead";
import { plainly } from "./plainly";

/** What was claimed in a finished sentence: how much of it could be read back, and what of it does not hold. */
export interface SaidClaims {
  readonly read: number;
  readonly faults: readonly string[];
}

/** Words that no finished sentence holds: a count and a noun that do not agree, an article before the wrong sound, what was never filled in. */
const UNSAYABLE: readonly RegExp[] = [
  /(?<![\d.,/−-])1 (?:tens|ones|hundreds|units|places|zeros|parts|halves|cents|counters|numbers)\b/,
  /(?<![-\w]|hundred |thousand |illion )one (?:tens|ones|hundreds|tenths|hundredths|thousandths|units|places|zeros|parts|halves|cents)\b/i,
  /\b(?:goes|go) (?:into \S+ )?(?:1|one) times\b/,
  /\b[Aa] (?:[ai][a-z]|e(?!uro)|o(?!ne))/,
  /\ba (?:8|11|18|80|eight|eleven|eighteen|eighty|hour|ounce|inch|answer)\b/,
  /\ban (?:[2-79]|10|12|one|unit|two|three|whole|tenth|hundredth)\b/,
  /undefined|NaN|\[object|\$\{| {2}| (?:[,.;](?!\d)|\?(?!\/))|,,|\.\.(?!\.)/,
  /^[a-z]{2}/,
  /[^.?!…)]$/,
  /\bnought\b/i,
];

/** Reads a finished line back, by a grammar of its own: what it claims of numbers is worked out again, what cannot be said is named. */
export function claimsOf(line: string, house: HouseRules): SaidClaims {
  const faults = UNSAYABLE.filter((one) => one.test(line)).map((one) => `${line} (${one.source})`);
  // The minutes of angles are named as those of hours are.
  if (/[°′]|degree/.test(line)) return { read: 0, faults };
  let read = 0;
  let rest = plainly(line, house);
  const judge = (claim: string, holds: boolean): void => {
    read += 1;
    if (!holds) faults.push(`${line} (${claim})`);
  };
  rest = rest.replace(
    /^First, roughly: (.+?) makes about (.+?)\.(?: It must come to .*)?$/,
    (claim, asked: string, about: string) => {
      const [exact, said] = [worked(asked), worked(about)];
      if (exact && said) judge(claim, !below(size(exact), times(size(minusOf(exact, said)), ratio(4))));
      return "§";
    },
  );
  rest = rest.replace(CHAIN, (chain) => {
    if (/^[^×÷·+−]* is /.test(chain)) return chain;
    const [first, ...others] = chain.split(/ ([=<>]|is) /);
    let left = worked(first ?? "");
    for (let index = 0; index < others.length; index += 2) {
      const right = worked(others[index + 1] ?? "");
      if (left && right) {
        const sign = others[index];
        judge(
          chain,
          sign === "=" || sign === "is"
            ? same(left, right)
            : sign === "<"
              ? below(left, right)
              : below(right, left),
        );
      }
      left = right;
    }
    return "§";
  });
  for (const { pattern, holds, gives } of FORMS)
    rest = rest.replace(pattern, (claim: string, ...found: readonly unknown[]) => {
      const texts = found
        .slice(
          0,
          found.findIndex((one) => typeof one === "number"),
        )
        .filter((one) => typeof one === "string");
      const values = texts.map(quantity);
      if (values.some((value) => value === undefined)) return claim;
      judge(claim, holds(...values.flatMap((value) => value ?? [])));
      return gives === undefined ? "§" : (texts.at(gives === "first" ? 0 : -1) ?? "§");
    });
  return { read, faults };
}
