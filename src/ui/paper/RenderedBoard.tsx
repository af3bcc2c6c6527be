import type { ReactElement } from "react";

/** A drawing that was made before, as HTML of our own making: kept, since it takes longer to draw than to send. */
export const RenderedBoard = ({ html }: { readonly html: string }): ReactElement => (
  // biome-ignore lint/security/noDangerouslySetInnerHtml: it comes from our own drawing of marks, never from what is typed
  <div dangerouslySetInnerHTML={{ __html: html }} />
);
