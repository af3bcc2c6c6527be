import { measuredHands } from "../src/core/testing/papers/hands/measuredHands";
import { measured } from "../src/core/testing/papers/measured";
import { writeMeasured } from "./measured";

/**
 * How papers are read that were written as people write them: so many of every kind, half of them with one error
 * in them. What it found is in docs/your-turn.md.
 */
const EACH = Number(process.argv[2] ?? 400);
const SEED = 2026;

const kinds = measured(EACH, SEED);
for (const { kind, right, alarms, misread, wrong, found, missed, elsewhere } of kinds)
  console.log(
    `${kind}: ${right} right, ${alarms} false alarms, ${misread} misread; ${wrong} wrong, ${found} found at their mark, ${missed} missed, ${elsewhere} elsewhere`,
  );
const sum = (key: Exclude<keyof (typeof kinds)[number], "kind">): number =>
  kinds.reduce((total, row) => total + row[key], 0);
console.log(
  `all: ${sum("right")} right, ${sum("alarms")} false alarms, ${sum("misread")} misread; ${sum("wrong")} wrong, ${sum("found")} found, ${sum("missed")} missed, ${sum("elsewhere")} elsewhere`,
);
writeMeasured("papers", kinds);

// The same of hands that go their own way, judged at every mark.
const hands = measuredHands(EACH, SEED);
for (const { kind, right, alarms, misread, wrong, atMark, elsewhere, missed } of hands)
  console.log(
    `${kind}, mark by mark: ${right} right, ${alarms} with an alarm at any moment, ${misread} misread; ${wrong} wrong, ${atMark} told first at their mark, ${elsewhere} elsewhere, ${missed} missed`,
  );
writeMeasured("hands", hands);
