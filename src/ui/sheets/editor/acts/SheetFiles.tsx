import { Download } from "lucide-react";
import type { ReactElement } from "react";
import { API_ROUTES } from "@/service/apiRoutes";
import { LOOKS } from "../../../parts/looks";
import { Panel } from "./Panel";

const FILES = [
  { format: "csv", name: "Table (CSV)" },
  { format: "json", name: "Right Sum’s own (JSON)" },
  { format: "markdown", name: "Text (Markdown)" },
  { format: "latex", name: "LaTeX" },
  { format: "qti", name: "Questions to exchange (QTI 2.2)" },
] as const;

/** A kept sheet as a file of each format. */
export const SheetFiles = ({ id }: { readonly id: string }): ReactElement => (
  <Panel label="Files" icon={<Download aria-hidden="true" className="size-4.5" />}>
    <p className="text-small text-soft">The sheet with its answers, as a file</p>
    <ul className="mt-1">
      {FILES.map(({ format, name }) => (
        <li key={format}>
          <a href={API_ROUTES.keptSheetFile(id, format)} download className={LOOKS.quiet}>
            {name}
          </a>
        </li>
      ))}
    </ul>
  </Panel>
);
