import { changeSetting, database } from "@/data";
import { stockChangeSchema, stockKept, withStock } from "../../../stock";
import { answering } from "../../answers";

/** As large a list as there can be, in characters. */
const LARGEST = 200_000;

/** Puts a stock list in its place or adds it, takes one off, or chooses the one that stories are about. */
export const PUT = answering(
  ({ body }) => changeSetting(database(), "stock", (now) => withStock(stockKept(now), body)),
  stockChangeSchema,
  LARGEST,
);
