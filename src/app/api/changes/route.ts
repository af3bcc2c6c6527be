import { database, lastReplaced, lastRevision } from "@/data";
import { answering } from "../answers";

/**
 * The number of the last change of anything, so that a window can tell whether to look again; and that at which the whole
 * was replaced, after which it has to look at everything anew.
 */
export const GET = answering(() => ({
  revision: lastRevision(database()),
  replaced: lastReplaced(database()),
}));
