import { changeSetting, database } from "@/data";
import { viewKept, viewSchema } from "@/service/kept/keptView";
import { answeringBody } from "../answers";

/** Keeps what was changed of how the tutor likes the screen; the rest stays as it is. */
export const PUT = answeringBody(
  ({ body }) => ({ view: changeSetting(database(), "view", (now) => ({ ...viewKept(now), ...body })) }),
  viewSchema.partial(),
);
