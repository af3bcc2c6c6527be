"use server";

import { revalidatePath } from "next/cache";
import { z } from "zod";
import { database, keepLearner, type Learner, listLearners, removeLearner, restoreLearner } from "@/data";
import { newId } from "@/ui/ids";
import { LONGEST_NAME } from "@/ui/marking/marks";
import { BOARD_ID, ROUTES } from "@/ui/routes";

const idSchema = z.string().regex(BOARD_ID);
const nameSchema = z.string().trim().min(1).max(LONGEST_NAME);

/** Puts a learner on the list; the one who is there under the same name already, where there is one. */
export async function addLearner(typed: string): Promise<Learner> {
  const name = nameSchema.parse(typed);
  const known = listLearners(database()).find((one) => one.name === name);
  if (known !== undefined) return known;
  const learner = { id: newId(), name };
  keepLearner(database(), learner, new Date());
  revalidatePath(ROUTES.learners);
  return learner;
}

/** Gives a learner another name. */
export async function renameLearner(id: string, name: string): Promise<void> {
  keepLearner(database(), { id: idSchema.parse(id), name: nameSchema.parse(name) }, new Date());
  revalidatePath(ROUTES.learners);
}

/** Takes a learner off the list; `bringLearnerBack` undoes it. */
export async function takeLearnerOff(id: string): Promise<void> {
  removeLearner(database(), idSchema.parse(id), new Date());
  revalidatePath(ROUTES.learners);
}

/** Brings a learner back onto the list, with all they did. */
export async function bringLearnerBack(id: string): Promise<void> {
  restoreLearner(database(), idSchema.parse(id));
  revalidatePath(ROUTES.learners);
}
