import { asc, eq, isNull } from "drizzle-orm";
import type { Data } from "./database";
import { learners } from "./schema";

/** A learner as the list has them: a first name or initials, and no more. */
export interface Learner {
  readonly id: string;
  readonly name: string;
}

/** The learners that are on the list, by name. */
export const listLearners = (data: Data): readonly Learner[] =>
  data
    .select({ id: learners.id, name: learners.name })
    .from(learners)
    .where(isNull(learners.removedAt))
    .orderBy(asc(learners.name))
    .all();

/** The learner of an id, on the list or not; nothing where there never was one. */
export const findLearner = (data: Data, id: string): Learner | undefined =>
  data.select({ id: learners.id, name: learners.name }).from(learners).where(eq(learners.id, id)).get();

/** Puts a learner on the list, or gives the one of that id another name. */
export const keepLearner = (data: Data, learner: Learner, now: Date): void => {
  data
    .insert(learners)
    .values({ ...learner, createdAt: now })
    .onConflictDoUpdate({ target: learners.id, set: { name: learner.name } })
    .run();
};

/** Takes a learner off the list; what they did is kept, and `restoreLearner` brings them back. */
export const removeLearner = (data: Data, id: string, now: Date): void => {
  data.update(learners).set({ removedAt: now }).where(eq(learners.id, id)).run();
};

/** Undoes `removeLearner`. */
export const restoreLearner = (data: Data, id: string): void => {
  data.update(learners).set({ removedAt: null }).where(eq(learners.id, id)).run();
};
