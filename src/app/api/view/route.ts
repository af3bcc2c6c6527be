import { changeSetting, database, readSetting } from "@/data";
import { viewKept, viewSchema } from "@/service/kept/keptView";
import { answeringBody } from "../answers";

/** Keeps what was changed of how the tutor likes the screen; the rest stays as it is. */
export const PUT = answeringBody(({ body }) => {
  const data = database();
  changeSetting(data, "view", body);
  return { view: viewKept(readSetting(data, "view")) };
}, viewSchema.partial());
