import { done } from "@/core/result";
import { findBoard, type KeptBoard, keepBoard } from "@/data";
import { keptBoard } from "@/service/kept/board";
import { keptRoutes } from "../../keptRoutes";

const onDisk = ({ id: _id, name: _name, pinned: _pinned, openedAt: _at, revision, ...value }: KeptBoard) => ({
  value,
  revision,
});

/** Keeps a board as it stands, or gives it. */
export const { PUT, GET } = keptRoutes(keptBoard, {
  find: (data, id) => {
    const board = findBoard(data, id);
    return board && onDisk(board);
  },
  keep: (data, id, value, { saw, after }, now) => {
    const kept = keepBoard(data, { ...value, id }, saw, now, after);
    if (kept.ok) return done({ value, revision: kept.value });
    return { ok: false, error: { code: "stale", now: onDisk(kept.error.now) } };
  },
});
