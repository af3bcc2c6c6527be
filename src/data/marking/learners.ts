import { and, asc, eq, isNull } from "drizzle-orm";
import { cleanName, LONGEST_NAME } from "@/core/marking";
import { done, failed, type Result } from "@/core/result";
import type { Data } from "../data";
import { type DataWriter, nextRevision, type Stale } from "../revision";
import { learners } from "../schema";
import type { WholeRow } from "../wholeRow";

/** A learner as the list has them: a first name or initials, and no more. */
export interface Learner {
  readonly id: string;
  readonly name: string;
}

/** A learner with how many of their answers are kept. */
export interface CountedLearner extends Learner {
  readonly answers: number;
  readonly revision: number;
}

const columns = {
  id: learners.id,
  name: learners.name,
  answers: learners.answers,
  revision: learners.revision,
};

/** The learners that are on the list, by name. */
export const listLearners = (data: DataWriter): readonly CountedLearner[] =>
  data.select(columns).from(learners).where(isNull(learners.removedAt)).orderBy(asc(learners.name)).all();

/** The learner of an id, on the list or not; none where there never was one. */
export const findLearner = (data: DataWriter, id: string): CountedLearner | undefined =>
  data.select(columns).from(learners).where(eq(learners.id, id)).get();

/** Puts a learner on the list under a name that is not there yet; the one who is there already, where it is. */
export function addLearner(data: Data, learner: Learner, now: Date): Learner {
  return data.transaction((write) => putLearner(write, learner, now));
}

/** The same, inside a transaction. */
export function putLearner(write: DataWriter, { id, name: typed }: Learner, now: Date): Learner {
  const name = cleanName(typed);
  const known = write
    .select({ id: learners.id, name: learners.name })
    .from(learners)
    .where(and(eq(learners.name, name), isNull(learners.removedAt)))
    .get();
  if (known !== undefined) return known;
  const revision = nextRevision(write);
  write
    .insert(learners)
    .values({ id, name, createdAt: now, removedAt: null, answers: 0, revision } satisfies WholeRow<
      typeof learners
    >)
    .onConflictDoUpdate({ target: learners.id, set: { name, removedAt: null, revision } })
    .run();
  return findLearner(write, id) ?? { id, name };
}

/** Why a learner can't be given a name. */
export type RenameRefusal =
  | { readonly code: "noSuchLearner" }
  | { readonly code: "nameTaken" }
  | Stale<CountedLearner>;

/** Gives a learner another name: unless they are not there, another one is called so, or they were renamed elsewhere. */
export function renameLearner(
  data: Data,
  id: string,
  typed: string,
  saw: number,
): Result<CountedLearner, RenameRefusal> {
  return data.transaction((write) => {
    const name = cleanName(typed);
    const before = findLearner(write, id);
    if (before === undefined) return failed({ code: "noSuchLearner" });
    if (before.name === name) return done(before);
    if (before.revision !== saw) return failed({ code: "stale", now: before });
    if (listLearners(write).some((one) => one.id !== id && one.name === name))
      return failed({ code: "nameTaken" });
    const revision = nextRevision(write);
    write.update(learners).set({ name, revision }).where(eq(learners.id, id)).run();
    return done({ ...before, name, revision });
  });
}

/** Takes a learner off the list; what they did is kept, and `restoreLearner` brings them back. Says whether there was one. */
export const removeLearner = (data: Data, id: string, now: Date): boolean =>
  data.transaction(
    (write) =>
      write
        .update(learners)
        .set({ removedAt: now, revision: nextRevision(write) })
        .where(eq(learners.id, id))
        .run().changes > 0,
  );

/** The longest name that has room for a number after it, in signs. */
const ROOM_FOR_NUMBER = LONGEST_NAME - 4;

/** Undoes `removeLearner`; where another one got the name meanwhile, this one has a number after it from now on. */
export const restoreLearner = (data: Data, id: string): boolean =>
  data.transaction((write) => {
    const learner = findLearner(write, id);
    if (learner === undefined) return false;
    const taken = new Set(listLearners(write).flatMap((one) => (one.id === id ? [] : [one.name])));
    let name = learner.name;
    for (let nth = 2; taken.has(name); nth++)
      name = cleanName(`${[...learner.name].slice(0, ROOM_FOR_NUMBER).join("")} ${nth}`);
    write
      .update(learners)
      .set({ name, removedAt: null, revision: nextRevision(write) })
      .where(eq(learners.id, id))
      .run();
    return true;
  });
