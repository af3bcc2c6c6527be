"use client";

import Link from "next/link";
import { useRouter } from "next/navigation";
import { type ComponentProps, type ReactElement, useCallback } from "react";
import { leave } from "./keeping/leaving";

/** Whether an address is of the place that is shown already: it is loaded anew then, since what is on the screen has changed since. */
const isHere = (href: string): boolean =>
  new URL(href, window.location.href).pathname === window.location.pathname;

/** A link to another place, inside the page. Where something here can't be kept, the page itself is left, so that the browser asks. */
export const Go = ({
  href,
  ...link
}: Omit<ComponentProps<typeof Link>, "href"> & { readonly href: string }): ReactElement => (
  <Link
    href={href}
    prefetch={false}
    onNavigate={(event) => {
      if (!isHere(href) && leave()) return;
      event.preventDefault();
      window.location.assign(href);
    }}
    {...link}
  />
);

/** Goes to another place, as such a link does. */
export function useGo(): (href: string) => void {
  const router = useRouter();
  return useCallback(
    (href: string) => {
      if (!isHere(href) && leave()) router.push(href);
      else window.location.assign(href);
    },
    [router],
  );
}
