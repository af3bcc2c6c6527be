import type { ReactElement } from "react";
import type { StockList } from "@/core/stories";
import { Button } from "../../parts/Button";
import { AsCsv } from "./AsCsv";
import { StockTable } from "./StockTable";

/** A list that comes with Right Sum: to be looked at, used and taken as a file to begin one's own from. */
export const ShippedStock = ({
  list,
  csv,
  isUsed,
  onUse,
}: {
  readonly list: StockList;
  readonly csv: string;
  readonly isUsed: boolean;
  readonly onUse: () => void;
}): ReactElement => (
  <section aria-label={list.name} className="min-w-0">
    <div className="flex flex-wrap items-center gap-1">
      {isUsed ? (
        <p className="px-3 text-soft">In use</p>
      ) : (
        <Button look="quiet" onClick={onUse}>
          Use this list
        </Button>
      )}
      <AsCsv name={list.name} csv={csv} />
    </div>
    <StockTable things={list.things} system={list.system ?? "metric"} />
  </section>
);
