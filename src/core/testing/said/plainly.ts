import { ratio, sum, times } from "../../claims";
import type { HouseRules } from "../../house";
import { digits, MEASURED } from "./numbersRead";

const MAJORS = /\b(?:dollar|pound|euro|peso|rupee)s?\b|\brand\b/g;
const MINORS = /\b(?:cents?|pence|penny|centavos?|pais[ae])\b/g;
const SYMBOLS = [...MEASURED.keys()].sort((a, b) => b.length - a.length).join("|");
const MEASURE = new RegExp(
  `\\d[\\d./ ]*? (?:${SYMBOLS})(?: \\d[\\d./]* (?:${SYMBOLS}))*(?![a-z-])(?<! in(?= (?:the|a|one|each|every|\\d)))`,
  "g",
);

/** A result whose unit is said, of counts that stand in the column of that unit: "3 + 4 = 7 lb". */
const NAMED_RESULT = new RegExp(`^([\\d.+×·() ]+ = \\d[\\d./ ]*?) (?:${SYMBOLS})(?=[:,])`);

/** A measure in words with a part of a unit, "two and five hundredths pounds": what it is worth was said in digits before, and is read there. */
const PARTS_OF_UNIT = new RegExp(
  `: [a-z ,-]*(?:tenths?|hundredths?|thousandths?|millionths?|a half) (?:${SYMBOLS})\\b.*$|: half an? (?:${SYMBOLS})\\b.*$`,
  "i",
);

/** A measure in digits, in the smallest unit of its scale. */
function inSmallest(measure: string): string {
  const parts = [...measure.matchAll(/(\d[\d./ ]*?) ([a-z][a-z ]*)(?= \d|$)/gi)];
  const { over, under } = sum(
    parts.map(([, count = "0", unit = ""]) => times(digits(count), MEASURED.get(unit) ?? ratio(0))),
  );
  const least =
    [...Array(Number(under < 1000n ? under : 1n)).keys()]
      .map((n) => BigInt(n + 1))
      .find((n) => (over * n) % under === 0n) ?? under;
  return least === 1n ? String(over / under) : `${(over * least) / under}/${least}`;
}

/** Two counts of the same pieces in a list, and what they are together. */
const ALIKE = /\b(\d+) ([a-z-]+?)s?, (\d+) \2s?(?=,| and )/;
/** As many commas as a list may have and still be read one by one. */
const SHORT_LIST = 8;

/** A long list of counts of the same pieces added up, so that reading it takes no longer than the list. */
function listAdded(line: string): string {
  if (line.split(",").length <= SHORT_LIST) return line;
  const added = line.replace(
    ALIKE,
    (_, one: string, piece: string, other: string) => `${BigInt(one) + BigInt(other)} ${piece}s`,
  );
  return added === line ? line : listAdded(added);
}

/** A line as every house writes it, made one way of writing: points, no groups, no signs of money. */
export function plainly(line: string, { decimalMark, grouping, numberNames }: HouseRules): string {
  const groups = { none: "", space: "\u00a0", mark: decimalMark === "point" ? "," : "\\." }[grouping];
  const joined =
    groups === "" ? line : line.replace(new RegExp(`(?<=\\d)${groups}(?=\\d{3}(?!\\d))`, "g"), "");
  const pointed =
    decimalMark === "comma" ? joined.replace(/(?<=\d),(?=\d)|(?<=[^\w]|^),(?=\d)/g, ".") : joined;
  const money = /[$£€₱₹]|\bR\d/.test(line);
  const named = money ? pointed.replace(MAJORS, "wholes").replace(MINORS, "hundredths") : pointed;
  return listAdded(
    numberNames === "byDigits" ? named.replace(/[a-z][a-z -]* (?:point|comma) [a-z -]+/gi, "§") : named,
  )
    .replace(/[$£€₱₹]|\bR(?=\d)/g, "")
    .replace(/(?<!\d)\.(?=\d)/g, "0.")
    .replace(
      /\b(\d+)[cp]\b/g,
      (_, minor: string) => `${minor.slice(0, -2) || "0"}.${minor.slice(-2).padStart(2, "0")}`,
    )
    .replaceAll(" : ", " ÷ ")
    .replace(/(\d+) over (\d+)(?! is)/g, "$1/$2")
    .replace(/^.*(?: r \d| each, .+ left).* is /, "§ is ")
    .replace(NAMED_RESULT, "$1")
    .replace(PARTS_OF_UNIT, ": §")
    .replace(MEASURE, inSmallest)
    .replace(
      /,? (?:and )?the (\S+) (?:carried|exchanged|regrouped|owed|that came over)(?= (?:make|are))/g,
      " and $1",
    );
}
