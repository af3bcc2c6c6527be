import { desc } from "drizzle-orm";
import type { Unread } from "@/service/kept/unread";
import type { Data } from "../data";
import type { DataWriter } from "../revision";
import { setAside } from "../schema";

/** Sets something aside as it is, in a transaction that is open, before something else takes its place. */
export function putAside(write: DataWriter, origin: string, content: string): void {
  write.insert(setAside).values({ origin, content }).run();
}

/** What was set aside, the newest first. */
export const asideEntries = (data: Pick<Data, "select">): readonly Unread[] =>
  data
    .select({ id: setAside.id, origin: setAside.origin })
    .from(setAside)
    .orderBy(desc(setAside.id))
    .all()
    .map(({ id, origin }) => ({
      table: "set_aside",
      id: String(id),
      why: `it could not be read when something else took its place (${origin})`,
    }));
