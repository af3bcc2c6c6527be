"use client";

import dynamic from "next/dynamic";

/** Parts that most boards never open: their code comes when it is first wanted. */
export const LazyHousePanel = dynamic(() => import("./HousePanel"), {
  loading: () => <p className="text-soft">Opening the house rules…</p>,
});

export const LazyKeysDialog = dynamic(() => import("./KeysDialog"));
