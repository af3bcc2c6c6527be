import { Download } from "lucide-react";
import type { ReactElement } from "react";
import { LOOKS } from "../../parts/looks";

/** A list as a file, to be taken along. */
export const AsCsv = ({ name, csv }: { readonly name: string; readonly csv: string }): ReactElement => (
  <a
    href={`data:text/csv;charset=utf-8,${encodeURIComponent(csv)}`}
    download={`${name}.csv`}
    className={LOOKS.quiet}
  >
    <Download aria-hidden="true" className="size-4.5" />
    As CSV
  </a>
);
