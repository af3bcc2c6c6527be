import type { PatternWords } from "../../contract/patternWords";

export const ADDITION_PATTERN_WORDS = {
  "add-right-flush": {
    name: "Numbers pushed against the right margin",
    does: "Write the addends so that their last written digits stand in one column, wherever the points fall. Add as whole numbers with ordinary carrying. Mark off, from the right, as many places as the addend with the most places has.",
    shows: "addends with unequal numbers of decimal places, including a whole number with no visible point",
    apart:
      "from add-whole-on-end: give two true decimals of unequal length and no whole number; only this one goes wrong",
    remedy: "place-value chart with a fixed point column; say what each digit is worth before writing it",
    knownFrom: "Hiebert & Wearne (1985, 1986)",
    did: (_, __, { all }) => `The last digits of ${all} were put under each other, not their points.`,
  },
  "add-left-flush": {
    name: "Numbers pushed against the left margin",
    does: "Write the addends so that their first written digits stand in one column. Blanks on the right count as nothing. Add with carrying. The answer gets as many places as the addend with the most digits has (the first such, if several).",
    shows: "addends with unequal numbers of whole digits",
    apart: "from add-right-flush: 12.5 + 3.4 is right under right-flush and wrong here",
    remedy: ({ whole: first }, { whole: second }) =>
      `round first: about how much are ${first} and ${second} together? then align on the ones digit, not the paper edge`,
    knownFrom: "classroom lore (column-misalignment faults in general: Brueckner 1928)",
    did: (_, __, { all }) => `The first digits of ${all} were put under each other, not their points.`,
  },
  "add-two-halves": {
    name: "Two whole-number sums with a dot between them",
    does: "Add the whole parts. Separately add the strings after the points as whole numbers (leading zeros ignored: 05 is 5). Write whole sum, point, second sum in full, with no carry from the second to the first.",
    shows:
      "two or more decimals whose decimal parts have different lengths, or whose decimal sum overflows, or contain a leading zero",
    apart:
      "from add-double-digit on one-place decimals they agree (3.7 + 2.6 gives 5.13 both ways); use 2.67 + 1.58",
    remedy: ({ text }) =>
      `trade ten tenths for one whole with base-ten material; read ${text} aloud, place by place`,
    knownFrom:
      "Brown, M. (1981, in Hart) and Steinle & Stacey (1998) for the two-separate-numbers view; Ryan & Williams (2007)",
  },
  "add-whole-on-end": {
    name: "A whole number slides to the last column",
    does: "Line up the decimals correctly on their points, but write each addend that has no visible point with its last digit in the rightmost column used by the decimals (so 6 beside 3.45 is treated as 0.06). Add normally.",
    shows: "at least one whole number and at least one decimal among the addends",
    apart:
      "from add-right-flush: with just one decimal they agree always; use three addends with two decimals of unequal length",
    remedy: "write the unseen point after the ones digit before lining up",
    knownFrom: "Hiebert & Wearne (1985)",
    did: "A number without a point was put under the last places of the others.",
  },
  "add-no-carry": {
    name: "The ten is thrown away",
    does: "Add each column; write only its ones digit; carry nothing. The leftmost column is written in full.",
    shows: "any column but the first totals ten or more",
    apart:
      "from add-point-wall: put the overflow in a column that does not touch the point; from add-overhang-carry-lost: use equal-length numbers",
    remedy: "bundle ten loose ones and physically move the bundle",
    knownFrom: "Buswell & John (1926); Cox (1975); Engelhardt (1977)",
    did: "Of the column only the ones digit was written, and no ten was carried on.",
  },
  "add-double-digit": {
    name: "Every column total written out whole",
    does: "Add each column and write its whole total, two digits if need be, carrying nothing; the point stays between the tenths total and the ones total.",
    shows: "any column but the first totals ten or more",
    apart: "from add-two-halves: overflow in two decimal columns, or one overflow in the whole part",
    remedy: "one digit per place on a chart; compare the answer with an estimate",
    knownFrom: "Cox (1975); Fuson (1990); Ashlock (Error Patterns in Computation)",
    did: "The whole total of the column was written, and nothing carried on.",
  },
  "add-carry-swapped": {
    name: "Writes the ten, carries the ones",
    does: "In a column (not the leftmost) totalling ten or more, write the tens digit of the total and carry the ones digit. Other columns normal; the leftmost is written in full.",
    shows: "a column but the first totals ten or more, and the total is not 11",
    apart: "from add-no-carry: the answer is usually larger, not smaller, than the right one",
    remedy: "say the total as tens and ones and point to where each lives",
    knownFrom: "Buswell & John (1926) list writing the figure that should be carried",
    did: "The tens digit of the total was written, and its ones digit carried on.",
  },
  "add-carry-only-one": {
    name: "Carries one however many tens there are",
    does: "Add normally but carry 1 whenever a column (with what was carried in) reaches ten or more, even if it reaches twenty or thirty. The leftmost column is written in full.",
    shows: "three or more addends and a column total of twenty or more",
    apart:
      "from an off-by-one fact slip: appears in every column that reaches twenty, never in two-addend sums",
    remedy: "count the bundles of ten aloud before carrying",
    knownFrom: "classroom lore (Buswell & John 1926 list carrying a wrong number)",
    did: "One ten was carried on, however many there were.",
  },
  "add-overhang-carry-lost": {
    name: "The carry vanishes where only one number has a digit",
    does: "Add normally wherever two or more addends have a digit. In a column where only one addend has a digit, copy that digit, drop any carry coming in and send none on.",
    shows: "unequal whole-part lengths with a carry into the overhanging column",
    apart: "from add-no-carry: the inner carries are kept, only the one into the overhang is lost",
    remedy: "write the carried digit on the line above the empty cell and treat it as a third addend",
    knownFrom: "classroom lore (near Buswell & John 1926, forgetting the carried number)",
    did: "Where only one number has a digit, that digit was copied, and what was carried was left out.",
  },
  "add-one-digit-everywhere": {
    name: "A lone digit is added to every column",
    does: "When one of two addends is a single digit, add that digit to each digit of the other number (carrying normally) and keep the other number's point.",
    shows: "exactly two addends, one a single digit, the other with two or more digits",
    apart: "from add-right-flush (5.2 + 4 gives 5.6): the whole part changes too",
    remedy: (first, second) =>
      `ask what the ${first.text.length < second.text.length ? first.text : second.text} counts; place it once on the chart`,
    knownFrom: "Cox (1975); Ashlock (whole-number form)",
    did: "The number of one digit was added in every column.",
  },
  "add-left-to-right": {
    name: "Works from the left and carries to the right",
    does: "Start at the leftmost column; write the ones digit of each total and carry its tens into the next column to the right; the rightmost total is written in full.",
    shows: "a column total of ten or more",
    apart:
      "from add-double-digit: the two agree on two-digit sums whose tens stay below ten; use three columns with the overflow in the middle",
    remedy: "trade with base-ten blocks: ten of a kind move one place to the left, never right",
    knownFrom: "Ashlock (Error Patterns in Computation)",
    did: "The columns were added from the left, and the tens carried to the right.",
  },
  "add-point-wall": {
    name: "Nothing may cross the point",
    does: "Add the decimal parts, padded to equal length, with carrying inside them; write that many places and discard any whole carried out. Add the whole parts separately.",
    shows: "decimal parts that together make one or more",
    apart: "from add-no-carry: carries elsewhere are correct; put an overflow in the hundredths",
    remedy: "ten tenths traded for one whole across the point on a chart",
    knownFrom: "classroom lore",
    did: "What should cross the point was not carried on.",
  },
  "add-top-carry-lost": {
    name: "The last ten is not written",
    does: "Add with carrying; of the total of the leftmost column only the ones digit is written.",
    shows: "a leftmost total of ten or more",
    apart: "from add-no-carry: 96 + 47 gives 43 here, 133 there",
    remedy: (_, __, { all, wrong }) =>
      `can ${all} make only ${wrong} together? write the last carry in a column of its own`,
    knownFrom: "classroom lore",
    did: "The last ten was not written.",
  },
  "add-all-digits": {
    name: "All digits are added together",
    does: "Add all digits of all numbers as ones.",
    shows: "any sum with a two-digit number",
    apart: "no other pattern writes this",
    remedy: ({ text }) => `bundles and loose ones: what is the ${text[0]} of ${text} worth?`,
    knownFrom: "Ashlock",
  },
  "add-writes-and-carries": {
    name: "The total is written whole, and its ten carried as well",
    does: "A column's total is written with both digits, and its ten is carried on all the same.",
    shows: "a column that reaches ten",
    apart: "from add-double-digit: 47 + 36 gives 813 here, 713 there",
    remedy: "one digit has room in a column: which digit stays, and which goes on?",
    knownFrom: "classroom lore",
    did: "The whole total of the column was written, and its ten carried on besides.",
  },
  "add-zero-takes-all": {
    name: "Anything and zero is zero",
    does: "In a column with a 0 in it, 0 is written, as in multiplying.",
    shows: "a zero over or under another digit",
    apart: "from add-no-carry: 304 + 152 carries nothing and is wrong here, right there",
    remedy: "lay nothing to a handful of counters: how many are there?",
    knownFrom: "Ashlock; Buswell & John (1926)",
    did: "A zero stands in the column, and zero was written for all of it.",
  },
} satisfies Readonly<Record<string, PatternWords>>;
