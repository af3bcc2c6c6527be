import type { ReactElement } from "react";

/** What is shown while something takes longer than a moment to be worked out: what it is. */
export const WorkingItOut = ({ says }: { readonly says: string }): ReactElement => (
  <main aria-busy="true" className="grid h-full place-content-center gap-4 p-8 text-center">
    <p role="status" className="text-lead text-soft">
      {says}
    </p>
    <span
      aria-hidden="true"
      className="mx-auto h-1 w-40 rounded-full bg-plumb/60 motion-safe:animate-pulse"
    />
  </main>
);
