import type { ReactElement } from "react";
import { WorkingItOut } from "../../WorkingItOut";

export default function ProbeLoading(): ReactElement {
  return <WorkingItOut says="Choosing problems that tell the error patterns apart…" />;
}
