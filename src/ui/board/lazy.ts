"use client";

import dynamic from "next/dynamic";

/** Parts that most boards never open: their code comes when it is first wanted. */
export const LazyHousePanel = dynamic(() => import("./panels/HousePanel"));
export const LazyMethodPanel = dynamic(() => import("./panels/MethodPanel"));
export const LazyBesidePanel = dynamic(() => import("./panels/BesidePanel"));
export const LazyFormPanel = dynamic(() => import("./panels/FormPanel"));
export const LazyCalculatorPanel = dynamic(() => import("./panels/CalculatorPanel"));
export const LazyCopyPanel = dynamic(() => import("./panels/CopyPanel"));
export const LazyAnotherPanel = dynamic(() => import("./panels/AnotherPanel"));
export const LazyPalette = dynamic(() => import("./panels/Palette"));
export const LazyPicture = dynamic(() => import("../pictures/PictureDrawing"));
export const LazyInverseCard = dynamic(() => import("./margin/InverseCard"));
export const LazyOtherMethodCard = dynamic(() => import("./margin/OtherMethodCard"));
export const LazyDivisionNames = dynamic(() => import("./margin/DivisionNames"));
export const LazyGuess = dynamic(() => import("./margin/Guess"));
