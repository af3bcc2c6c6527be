import { writeProblem } from "@/core/problem";
import { mm } from "./page";
import type { Printing, SheetToPrint } from "./printing";

/** Sides of a square, in points; smaller only where a working would not fit on the paper. */
export const SQUARE = mm(7);
export const LARGE_SQUARE = mm(9);
/** The most blocks side by side. */
export const MOST_ACROSS = 4;

/** Sizes of letters by whether larger type is wanted. */
export const sizesOf = ({ large }: Pick<Printing, "large">) =>
  large ? { title: 21, problem: 19, small: 13 } : { title: 17, problem: 14, small: 10.5 };

/** How a problem asks: with a sign of equality where its answer is a number that it is equal to. */
export const asks = ({ problem, house }: SheetToPrint["workings"][number]): string => {
  const isCalculation = ["add", "subtract", "multiply", "divide", "terms", "chain"].includes(problem.op);
  return `${writeProblem(problem, house)}${isCalculation ? " =" : ""}`;
};
