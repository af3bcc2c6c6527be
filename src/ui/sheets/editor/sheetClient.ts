import { choicesOf } from "@/core/house";
import { API_ROUTES } from "@/service/apiRoutes";
import type { KeptSheetState } from "@/service/kept/keptSheet";
import { type KeptClient, readAs } from "../../saving/keptClient";
import { merged } from "../../saving/merge";
import { sameJson } from "../../saving/sameJson";
import { type Sent, send } from "../../saving/wire/send";
import type { EditedRow } from "./editedRow";

/** A sheet with the id that it is kept under. */
export interface SheetInWindow extends KeptSheetState {
  readonly id: string;
}

/** The problems of a sheet on the screen as they are kept: those that read. */
export const rowsToKeep = (rows: readonly EditedRow[]): KeptSheetState["rows"] =>
  rows.flatMap(({ shown, locked }) =>
    shown === undefined
      ? []
      : [
          {
            problem: shown.problem,
            ...(shown.skill === undefined ? {} : { skill: shown.skill }),
            ...(shown.notch === undefined ? {} : { notch: shown.notch - 1 }),
            ...(locked ? { locked } : {}),
            ...(shown.story === undefined ? {} : { story: shown.story }),
          },
        ],
  );

/** Whether two sheets have the same problems. */
export const sameRows = (one: KeptSheetState, other: KeptSheetState): boolean =>
  sameJson(one.rows, other.rows);

const stateOf = ({ id: _id, house, name, ...sheet }: SheetInWindow): object => ({
  ...sheet,
  name: name.trim() === "" ? "A sheet" : name,
  house: choicesOf(house),
});

/** A sheet, as it is kept. */
export const SHEET_CLIENT: KeptClient<SheetInWindow> = {
  name: "keptSheet",
  idOf: ({ id }) => id,
  address: API_ROUTES.keptSheetData,
  stateOf,
  read: async (told, id) => {
    const read = await readAs(
      () => import("@/service/kept/keptSheet").then((module) => module.keptSheet),
      told,
    );
    return read && { value: { ...read.value, id }, revision: read.revision };
  },
  // A name goes together with anything; of two lists of problems one has to be chosen.
  together: (base, mine, theirs) => {
    const { value, clashes } = merged(base, mine, theirs);
    return clashes.length > 0 || !sameRows(base, theirs) ? undefined : value;
  },
};

/** Keeps a sheet that is new. */
export const keepNewSheet = (sheet: SheetInWindow): Promise<Sent<unknown>> =>
  send(API_ROUTES.keptSheetData(sheet.id), "PUT", { saw: 0, state: stateOf(sheet) });
