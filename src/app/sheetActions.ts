"use server";

import { z } from "zod";
import { database, deleteMarkingSheet, restoreMarkingSheet } from "@/data";
import { BOARD_ID } from "@/ui/routes";

const idSchema = z.string().regex(BOARD_ID);

/** Takes a marking sheet off the list; `bringSheetBack` undoes it. */
export async function takeSheetAway(id: string): Promise<void> {
  deleteMarkingSheet(database(), idSchema.parse(id), new Date());
}

/** Brings a marking sheet back with its answers. */
export async function bringSheetBack(id: string): Promise<void> {
  restoreMarkingSheet(database(), idSchema.parse(id));
}
