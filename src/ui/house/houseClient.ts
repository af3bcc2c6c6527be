import { choicesOf, type HouseRules } from "@/core/house";
import { API_ROUTES } from "@/service/apiRoutes";
import { type KeptClient, readAs } from "../saving/keptClient";
import { merged } from "../saving/merge";

/** The house rules that new boards begin with, as they are kept. */
export const HOUSE_CLIENT: KeptClient<HouseRules> = {
  name: "house",
  idOf: () => "rules",
  address: () => API_ROUTES.house,
  stateOf: choicesOf,
  read: (told) => readAs(() => import("@/service/kept/house").then((module) => module.keptHouse), told),
  // A switch that both windows changed stands as this one set it.
  together: (base, mine, theirs) => merged(base, mine, theirs).value,
};
