import { featuresOf } from "../features";
import type { HouseRules } from "../house";
import { workingInSteps } from "../methods";
import { type Problem, writeProblem } from "../problem";
import { currencyOf } from "../quantity";
import { randomFrom } from "../randomSource";
import { filled } from "./ladder/filled";
import { SKILLS, type SkillId } from "./ladder/ladder";
import { meets } from "./ladder/meets";
import { readTypedLine, typedNotation } from "./typedLine";

/** A place on the ladder: a rung, and a notch of its climb, from 0. */
export interface RungPlace {
  readonly skill: SkillId;
  readonly notch: number;
}

/** How often a line is filled in to see the shapes it can take: `%12` is one digit or two. */
const FILLINGS = 24;

const shapeOf = (problem: Problem, house: HouseRules): string =>
  writeProblem(problem, house).replaceAll(/\d/g, "0");

const shapesByCurrency = new Map<string, ReadonlyMap<string, readonly RungPlace[]>>();

/** The notches whose lines can look like a problem, by its shape. */
function placesByShape(house: HouseRules): ReadonlyMap<string, readonly RungPlace[]> {
  const plain = typedNotation(house);
  const key = currencyOf(house.currency).sign;
  const known = shapesByCurrency.get(key);
  if (known !== undefined) return known;
  const places = new Map<string, RungPlace[]>();
  for (const { id, climb } of SKILLS) {
    for (const [notch, { lines }] of climb.entries()) {
      const shapes = lines.flatMap((line) =>
        Array.from({ length: line.includes("%") ? FILLINGS : 2 }, (_, seed) => {
          const read = readTypedLine(filled(line, randomFrom(seed)), house);
          return read.ok ? shapeOf(read.value, plain) : "";
        }),
      );
      for (const shape of new Set(shapes))
        places.set(shape, [...(places.get(shape) ?? []), { skill: id, notch }]);
    }
  }
  shapesByCurrency.set(key, places);
  return places;
}

/** Where on the ladder a problem stands: the notch that it looks like and whose wishes it meets, the one with most of them; none where it stands on no rung. */
export function rungOf(problem: Problem, house: HouseRules): RungPlace | undefined {
  const candidates = placesByShape(house).get(shapeOf(problem, typedNotation(house))) ?? [];
  if (candidates.length === 0) return undefined;
  const features = featuresOf(workingInSteps(problem, house));
  const wishesOf = ({ skill, notch }: RungPlace) =>
    SKILLS.find(({ id }) => id === skill)?.climb[notch]?.wishes ?? {};
  const strictness = (place: RungPlace): number => Object.keys(wishesOf(place)).length;
  return candidates
    .filter((place) => meets(features, wishesOf(place)))
    .reduce<RungPlace | undefined>(
      (best, one) => (best === undefined || strictness(one) > strictness(best) ? one : best),
      undefined,
    );
}

/** The place a notch easier or harder: on the same rung, or at the end of it on the one that it needs or leads to; none at the ends of the ladder. */
export function notchFrom({ skill, notch }: RungPlace, by: -1 | 1): RungPlace | undefined {
  const next = notch + by;
  const rung = SKILLS.find(({ id }) => id === skill);
  if (rung?.climb[next] !== undefined) return { skill, notch: next };
  const other =
    by < 0
      ? rung?.needs.at(-1)
      : SKILLS.find(({ needs, strand }) => needs.includes(skill) && strand === rung?.strand)?.id;
  return other === undefined ? undefined : { skill: other, notch: by < 0 ? 3 : 0 };
}
