"use client";

import dynamic from "next/dynamic";

/** Parts that most boards never open: their code comes when it is first wanted. */
export const LazyHousePanel = dynamic(() => import("./HousePanel"));
export const LazyMethodPanel = dynamic(() => import("./MethodPanel"));
export const LazyBesidePanel = dynamic(() => import("./BesidePanel"));
export const LazyFormPanel = dynamic(() => import("./FormPanel"));
export const LazyCalculatorPanel = dynamic(() => import("./CalculatorPanel"));
export const LazyCopyPanel = dynamic(() => import("./CopyPanel"));
export const LazyPalette = dynamic(() => import("./Palette"));
export const LazyKeysDialog = dynamic(() => import("./KeysDialog"));
export const LazyPicture = dynamic(() => import("../pictures/PictureDrawing"));
export const LazyInverseCard = dynamic(() => import("./InverseCard"));
export const LazyOtherMethodCard = dynamic(() => import("./OtherMethodCard"));
export const LazyDivisionNames = dynamic(() => import("./DivisionNames"));
