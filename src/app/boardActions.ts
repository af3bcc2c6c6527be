"use server";

import { revalidatePath } from "next/cache";
import { z } from "zod";
import { database, deleteBoard, pinBoard, renameBoard, restoreBoard } from "@/data";
import { BOARD_ID, ROUTES } from "@/ui/routes";

const idSchema = z.string().regex(BOARD_ID);

/** Gives a kept board a name of its own; an empty name takes it away. */
export async function renameKeptBoard(id: string, name: string): Promise<void> {
  renameBoard(database(), idSchema.parse(id), z.string().max(120).parse(name).trim());
  revalidatePath(ROUTES.today);
}

/** Pins a kept board to the top of the list, or unpins it. */
export async function pinKeptBoard(id: string, pinned: boolean): Promise<void> {
  pinBoard(database(), idSchema.parse(id), z.boolean().parse(pinned));
  revalidatePath(ROUTES.today);
}

/** Takes a kept board off the list; `restoreKeptBoard` undoes it. */
export async function deleteKeptBoard(id: string): Promise<void> {
  deleteBoard(database(), idSchema.parse(id), new Date());
  revalidatePath(ROUTES.today);
}

/** Brings a deleted board back as it was. */
export async function restoreKeptBoard(id: string): Promise<void> {
  restoreBoard(database(), idSchema.parse(id));
  revalidatePath(ROUTES.today);
}
