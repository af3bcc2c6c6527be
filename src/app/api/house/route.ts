import { z } from "zod";
import { choicesOf, houseRulesFrom, SWITCH_NAMES } from "@/core/house";
import { houseRefusalWords } from "@/core/wording";
import { changeSetting, database, houseChoicesSchema } from "@/data";
import { houseKept, savedHouse } from "../../saved";
import { answering, errorAnswer } from "../answers";

/** House rules as they were seen, and as they are to be. */
const changeSchema = z.object({ saw: houseChoicesSchema, house: houseChoicesSchema });

/** Keeps the house rules that new boards begin with: the switches that were changed, over whatever another window changed meanwhile. */
export const PUT = answering(({ body }) => {
  const [saw, wanted] = [houseRulesFrom(body.saw), houseRulesFrom(body.house)];
  if (!saw.ok) return errorAnswer(422, { code: saw.error.kind, message: houseRefusalWords(saw.error) });
  if (!wanted.ok)
    return errorAnswer(422, { code: wanted.error.kind, message: houseRefusalWords(wanted.error) });
  const changed = SWITCH_NAMES.filter((name) => saw.value[name] !== wanted.value[name]);
  const choices = Object.fromEntries(changed.map((name) => [name, wanted.value[name]]));
  const house = changeSetting(database(), "house", (now) => choicesOf({ ...houseKept(now), ...choices }));
  return { house };
}, changeSchema);

/** The house rules that new boards begin with. */
export const GET = answering(() => ({ house: choicesOf(savedHouse()) }));
