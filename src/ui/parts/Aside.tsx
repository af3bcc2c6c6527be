import type { ReactElement, ReactNode } from "react";

/** What stands beside the paper; where it is longer than its room it is scrolled, by keys too. */
export const Aside = ({
  label = "Margin",
  className,
  children,
}: {
  readonly label?: string;
  readonly className: string;
  readonly children: ReactNode;
}): ReactElement => (
  // biome-ignore lint/a11y/noNoninteractiveTabindex: what is longer than its room is scrolled by keys
  <aside tabIndex={0} aria-label={label} className={`min-h-0 overflow-y-auto ${className}`}>
    {children}
  </aside>
);
