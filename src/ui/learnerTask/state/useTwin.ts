"use client";

import { useState } from "react";
import { choicesOf, type HouseRules } from "@/core/house";
import { API_ROUTES } from "@/service/apiRoutes";
import { ROUTES } from "@/service/routes";
import { useNavigateAfterSaving } from "../../parts/PlaceLink";
import { ask } from "../../saving/wire/ask";
import { VIEWS } from "../../saving/wire/views";

/** Goes to a twin of a problem, set as this one is; or says why there is none. */
export function useTwin(line: string, house: HouseRules) {
  const go = useNavigateAfterSaving();
  const [message, setMessage] = useState<string | undefined>();
  return {
    message,
    go: async (): Promise<void> => {
      const back = await ask(VIEWS.twins, API_ROUTES.twins, "POST", {
        problem: line,
        house: choicesOf(house),
        seed: Math.floor(Math.random() * 1_000_000),
      });
      const [problem] = back.ok ? back.value.twins : [];
      if (problem === undefined) return setMessage(back.ok ? undefined : back.error.message);
      const query = new URLSearchParams(window.location.search);
      query.set("problem", problem);
      query.delete("id");
      query.delete("step");
      go(`${ROUTES.yourTurn}?${query}`);
    },
  };
}
