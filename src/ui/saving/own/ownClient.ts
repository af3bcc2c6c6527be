import { API_ROUTES } from "@/service/apiRoutes";
import type { OwnKind, OwnThing } from "@/service/kept/ownThing";
import { type KeptClient, readAs } from "../keptClient";
import { sameJson } from "../sameJson";

/** How something of a tutor's own goes over the wire. Where two windows changed the same one, the tutor chooses. */
export const ownClient = <State, Checked extends object>(
  kind: OwnKind,
  definition: () => Promise<OwnThing<State, Checked>>,
): KeptClient<Checked & { readonly id: string }> => ({
  name: kind,
  idOf: ({ id }) => id,
  address: (id) => API_ROUTES.ownThing(kind, id),
  stateOf: ({ id: _id, ...state }) => state,
  read: async (told, id) => {
    const read = await readAs(definition, told);
    return read && { value: { ...read.value, id }, revision: read.revision };
  },
  together: (base, mine, theirs) => {
    if (sameJson(base, theirs) || sameJson(mine, theirs)) return mine;
    return sameJson(base, mine) ? theirs : undefined;
  },
});
