import { changeSetting, database } from "@/data";
import { NO_ROOM_FOR_LISTS, stockChangeSchema, stockKept, withStock } from "@/service/kept/stock";
import { answeringBody, errorAnswer } from "../../answers";

/** As large a list as there can be, in characters. */
const LARGEST = 200_000;

/** Puts a stock list in its place or adds it, takes one off, or chooses the one that stories are about. */
export const PUT = answeringBody(
  ({ body }) => {
    const after = changeSetting(database(), "stock", (now) => withStock(stockKept(now), body));
    const isPut = !("put" in body) || after.lists.some(({ id }) => id === body.put.id);
    return isPut ? after : errorAnswer(422, { code: "noRoom", message: NO_ROOM_FOR_LISTS });
  },
  stockChangeSchema,
  LARGEST,
);
