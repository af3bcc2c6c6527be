import { z } from "zod";
import { database, deleteBoard, pinBoard, renameBoard, restoreBoard } from "@/data";
import { answeringBody, errorAnswer } from "../../../answers";

const aboutSchema = z.discriminatedUnion("act", [
  z.object({ act: z.literal("rename"), name: z.string().max(120) }),
  z.object({ act: z.literal("pin"), pinned: z.boolean() }),
  z.object({ act: z.literal("delete") }),
  z.object({ act: z.literal("restore") }),
]);

/** Names, pins, deletes or brings back a kept board. */
export const POST = answeringBody(({ id, body }) => {
  const data = database();
  const found =
    body.act === "rename"
      ? renameBoard(data, id, body.name.trim())
      : body.act === "pin"
        ? pinBoard(data, id, body.pinned)
        : body.act === "delete"
          ? deleteBoard(data, id, new Date())
          : restoreBoard(data, id);
  return found ? {} : errorAnswer(404, { code: "notThere", message: "There is no such board." });
}, aboutSchema);
