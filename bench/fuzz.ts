import { type HouseRules, houseRulesFrom, SWITCH_NAMES, SWITCHES } from "@/core/house";
import { workingOf } from "@/core/methods";
import { readProblem } from "@/core/problem";
import { wrongAnswer } from "@/core/testing/answers";
import { brokenClaims } from "@/core/testing/claims";
import { type Chance, chanceFrom, problemLine } from "./problems";

const wanted = Number(process.argv[2] ?? 100_000);
const seed = Number(process.env.SEED ?? 2026);

function anyHouse(chance: Chance): HouseRules {
  const choices = SWITCH_NAMES.map((name) => [name, SWITCHES[name][chance(SWITCHES[name].length)] ?? ""]);
  const house = houseRulesFrom(Object.fromEntries(choices));
  if (!house.ok) throw new Error("anyHouse: a setting of a switch is refused");
  return house.value;
}

const chance = chanceFrom(seed);
let wrong = 0;
for (let done = 1; done <= wanted; done++) {
  const house = anyHouse(chance);
  const line = problemLine(chance, house);
  const problem = readProblem(line, house);
  const faults = problem.ok
    ? [wrongAnswer(workingOf(problem.value, house)), ...brokenClaims(workingOf(problem.value, house))]
    : [`not read: ${problem.error.code}`];
  const found = faults.filter((fault) => fault !== undefined);
  if (found.length > 0) {
    wrong += 1;
    console.error(line, found.join("; "));
  }
  if (done % 20_000 === 0) console.error(`${done} of ${wanted} worked`);
}
console.log(
  `${wanted} sums and differences from seed ${seed}: ${wrong} disagree with decimal.js or with themselves`,
);
process.exitCode = wrong === 0 ? 0 : 1;
