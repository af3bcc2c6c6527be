import type { PatternWords } from "./patternWords";

export const JUDGING_PATTERN_WORDS = {
  "cmp-longer-is-larger": {
    name: "More digits after the point means larger",
    does: "With equal whole parts, compare the strings after the point as whole numbers (leading zeros ignored).",
    shows: "decimals of unequal length, the longer one smaller",
    apart: "from cmp-shorter-is-larger: a pair where the longer is larger separates them in one step",
    remedy: "hundred grid: 6 columns against 45 cells",
    knownFrom: "Sackur-Grisvard & Léonard (1985); Resnick et al. (1989); Steinle & Stacey (1998)",
  },
  "cmp-shorter-is-larger": {
    name: "Fewer digits after the point means larger",
    does: "With equal whole parts, the decimal with fewer places wins; equal lengths are compared properly. With unequal whole parts the whole parts decide.",
    shows: "decimals of unequal length, the shorter one smaller",
    apart:
      "from cmp-longer-is-larger: give one pair where the longer decimal is larger and one where it is smaller",
    remedy: "tenths against hundredths: how many of each?",
    knownFrom: "Sackur-Grisvard & Léonard (1985); Nesher & Peled (1986); Resnick et al. (1989)",
  },
  "round-chops": {
    name: "Rounding means cutting",
    does: "Drop every digit beyond the wanted place; the last kept digit never changes.",
    shows: "next digit 5 or more",
    apart: "from round-cascades: answers never too large",
    remedy: "number line between 4.7 and 4.8: which is nearer?",
    knownFrom: "classroom lore",
  },
  "round-cascades": {
    name: "Rounds one place at a time from the end",
    does: "Round the last digit into its neighbour, then that one, and so on to the wanted place.",
    shows: "a run such as 446 beyond the wanted place",
    apart: "only wrong when 4s stand before the last digit of 5 or more",
    remedy: "look only at the halfway point 3.45: above or below?",
    knownFrom: "classroom lore",
  },
  "check-times-always-grows": {
    name: "A product must be larger",
    does: "Judges any product to exceed the first factor, so a sound answer below it is rejected in a reasonableness check (and a quotient above the dividend likewise).",
    shows: "multiplier below one",
    apart: "written answers may be right; the judgement is wrong",
    remedy: "three tenths of 12 on a bar before calculating",
    knownFrom: "Bell, Swan & Taylor (1981); Fischbein et al. (1985); Greer (1994)",
  },
} satisfies Readonly<Record<string, PatternWords>>;
