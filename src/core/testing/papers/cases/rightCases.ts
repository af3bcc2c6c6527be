import { RIGHT_COLUMNS } from "./rightColumns";
import { RIGHT_FRACTIONS } from "./rightFractions";
import { RIGHT_PRODUCTS } from "./rightProducts";

/** Papers that are right though they look like none of ours. */
export const RIGHT = [...RIGHT_COLUMNS, ...RIGHT_PRODUCTS, ...RIGHT_FRACTIONS];
