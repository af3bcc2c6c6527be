import { changeSetting, database } from "@/data";
import { stockUseSchema } from "@/service/kept/stockList";
import { answeringBody } from "../../../answers";

/** Chooses the list that stories and the shop are about. */
export const PUT = answeringBody(({ body }) => {
  changeSetting(database(), "stock", body);
  return body;
}, stockUseSchema);
