import { type HouseRules, PRESETS } from "../house";
import { type Problem, type ReadError, readProblem } from "../problem";
import { currencyOf } from "../quantity";
import type { Result } from "../result";

/** What stands for the sign of money in lines that are the same for every house. */
const MONEY = "$$";

/** The notation of lines that are the same for every house: with points, in the house's own money. */
export const typedNotation = ({ currency }: HouseRules): HouseRules => ({
  ...PRESETS.fillersTrueValue,
  currency,
});

/** Reads a line that is the same for every house: with points, and `$$` for the sign of its money. */
export const readTypedLine = (line: string, house: HouseRules): Result<Problem, ReadError> =>
  readProblem(
    line.replaceAll(MONEY, () => currencyOf(house.currency).sign),
    typedNotation(house),
  );
