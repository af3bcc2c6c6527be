import { z } from "zod";

/* What the server answers about backups, restoring and whole files. */

/** What was made of the data that was there before. */
export const putInPlaceView = z.object({ before: z.string() });

/** A backup that was made. */
export const backedUp = z.object({ name: z.string() });

/** Whether the data passed its check. */
export const soundness = z.object({ sound: z.boolean() });
