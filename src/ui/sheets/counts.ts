/** How many problems a sheet may have here. */
export const COUNTS = [4, 8, 12, 20, 30] as const;
