import { done, failed } from "@/core/result";
import { findKeptSheet, type KeptSheet, keepSheet } from "@/data";
import { keptSheet } from "@/service/kept/keptSheet";
import { chance, rowsShown } from "../../../reading/keptSheet";
import { errorAnswer } from "../../answers";
import { keptRoutes } from "../../keptRoutes";

const onDisk = ({ id: _id, code: _code, archived: _archived, revision, ...value }: KeptSheet) => ({
  value,
  revision,
});

/** Keeps a sheet whole, every problem of which has to read; or gives it. */
export const { PUT, GET } = keptRoutes(keptSheet, {
  find: (data, id) => {
    const sheet = findKeptSheet(data, id);
    return sheet && onDisk(sheet);
  },
  refuse: async (_state, { house, rows }) => {
    const shown = await rowsShown(house, rows);
    if ("message" in shown) return errorAnswer(503, { code: "tooLong", message: shown.message });
    const bad = shown.find((row) => "error" in row);
    if (bad === undefined || !("error" in bad)) return undefined;
    return errorAnswer(422, {
      ...bad.error,
      message: `“${bad.problem.slice(0, 60)}”: ${bad.error.message}`,
    });
  },
  keep: (data, id, value, seen, now) => {
    const kept = keepSheet(data, id, value, seen, now, chance);
    if (kept.ok) return done(onDisk(kept.value));
    const { error } = kept;
    return failed(error.code === "stale" ? { code: error.code, now: onDisk(error.now) } : error);
  },
});
