"use client";

import dynamic from "next/dynamic";

/** Parts that most boards never open: their code comes when it is first wanted. */
export const LazyHousePanel = dynamic(() => import("./HousePanel"));
export const LazyMethodPanel = dynamic(() => import("./MethodPanel"));
export const LazyKeysDialog = dynamic(() => import("./KeysDialog"));
