import { choicesOf } from "@/core/house";
import { done, failed } from "@/core/result";
import { type KeptSetting, keepSetting, settingNow } from "@/data";
import { houseKept, keptHouse } from "@/service/kept/house";
import { keptRoutes } from "../keptRoutes";

const onDisk = ({ value, revision }: KeptSetting) => ({ value: houseKept(value), revision });

/** Keeps the house rules that new boards begin with, or gives them. */
export const { PUT, GET } = keptRoutes(keptHouse, {
  find: (data) => onDisk(settingNow(data, "house")),
  keep: (data, _id, house, { saw, after }) => {
    const kept = keepSetting(data, "house", choicesOf(house), { saw, after: after && choicesOf(after) });
    if (kept.ok) return done({ value: house, revision: kept.value });
    return failed({ code: "stale", now: onDisk(kept.error.now) });
  },
});
