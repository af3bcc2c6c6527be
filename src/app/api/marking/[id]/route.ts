import { houseRulesFrom } from "@/core/house";
import { houseRefusalWords } from "@/core/wording";
import { database } from "@/data";
import { sentToSheetSchema } from "@/service/kept/sentToSheet";
import { keepOnSheet, newsOf } from "../../../reading/markingSheet";
import { answering, answeringBody, errorAnswer, resultAnswer } from "../../answers";

/** As much as a whole sheet takes, in bytes. */
const LARGEST = 6_000_000;

/** Keeps what was done on a sheet, as one transaction, and answers with what is new on it once that is on disk. */
export const POST = answeringBody(
  async ({ id: sheet, body }) => {
    const house = houseRulesFrom(body.house);
    if (!house.ok)
      return errorAnswer(422, { code: house.error.kind, message: houseRefusalWords(house.error) });
    return resultAnswer(await keepOnSheet(database(), sheet, { ...body, house: house.value }));
  },
  sentToSheetSchema,
  LARGEST,
);

/** What is new on a sheet since a revision. */
export const GET = answering(async ({ id: sheet, request }) => {
  const since = Number(new URL(request.url).searchParams.get("since") ?? 0);
  if (!Number.isSafeInteger(since) || since < 0)
    return errorAnswer(400, { code: "badRequest", message: "since must be a whole number." });
  return (await newsOf(database(), sheet, since)) ?? NOT_THERE();
});

const NOT_THERE = () => errorAnswer(404, { code: "notThere", message: "There is no such sheet." });
