import { database, lastRevision } from "@/data";
import { answering } from "../answers";

/** The number of the last change of anything, so that a window can tell whether to look again. */
export const GET = answering(() => ({ revision: lastRevision(database()) }));
