import { eq } from "drizzle-orm";
import { z } from "zod";
import type { OwnKind } from "@/service/kept/ownThing";
import { putAside } from "../aside/setAside";
import type { Data } from "../data";
import { jsonOf } from "../houseOf";
import { nextRevision } from "../revision";
import { ownThings, settings } from "../schema";

/** How things of a tutor's own stood among the settings before each had a row: one list under a name for each kind, the newest story first. */
const WERE_SETTINGS = [
  { name: "rungs", kind: "rung", listOf: z.array(z.unknown()) },
  {
    name: "ownStories",
    kind: "story",
    listOf: z.object({ stories: z.array(z.unknown()) }).transform(({ stories }) => stories.reverse()),
  },
  {
    name: "stock",
    kind: "stockList",
    listOf: z.object({ lists: z.array(z.unknown()) }).transform(({ lists }) => lists),
  },
] as const satisfies readonly { readonly name: string; readonly kind: OwnKind; readonly listOf: z.ZodType }[];

const identified = z.looseObject({ id: z.string().min(1).max(60) });

/** Gives each thing of a tutor's own that stands among the settings a row of its own. What is no thing with an id is set aside as it is. */
export function ownThingsFromSettings(data: Data): void {
  data.transaction((write) => {
    for (const { name, kind, listOf } of WERE_SETTINGS) {
      const row = write.select().from(settings).where(eq(settings.name, name)).get();
      if (row === undefined) continue;
      const list = jsonOf(row.value, listOf);
      // Which list is in use may stand there alone already; what is broken is set aside as it is next written.
      if (list === undefined) continue;
      for (const one of list) {
        const read = identified.safeParse(one);
        const revision = nextRevision(write);
        const taken =
          read.success && write.select().from(ownThings).where(eq(ownThings.id, read.data.id)).get();
        if (!read.success || taken) {
          putAside(write, `settings: ${name}`, JSON.stringify(one));
          continue;
        }
        const { id, ...state } = read.data;
        write
          .insert(ownThings)
          .values({ id, kind, state: JSON.stringify(state), made: revision, deletedAt: null, revision })
          .run();
      }
      const used = jsonOf(row.value, z.object({ used: z.string() }));
      if (used === undefined) write.delete(settings).where(eq(settings.name, name)).run();
      else
        write
          .update(settings)
          .set({ value: JSON.stringify({ used: used.used }), revision: nextRevision(write) })
          .where(eq(settings.name, name))
          .run();
    }
  });
}
