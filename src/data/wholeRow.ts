import type { SQL } from "drizzle-orm";
import type { SQLiteTable } from "drizzle-orm/sqlite-core";

/**
 * A new row with every column said, the numbers that the database gives aside: what writes a table `satisfies` it, so
 * that a new column does not compile until whoever writes the table has said what stands in it.
 */
export type WholeRow<Table extends SQLiteTable, Given extends keyof Table["$inferInsert"] = never> = {
  readonly [Column in Exclude<keyof Table["$inferInsert"], Given>]-?:
    | Exclude<Table["$inferInsert"][Column], undefined>
    | SQL<Exclude<Table["$inferInsert"][Column], undefined>>;
};
