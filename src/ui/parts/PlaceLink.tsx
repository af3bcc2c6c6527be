"use client";

import Link from "next/link";
import { useRouter } from "next/navigation";
import { type ComponentProps, type ReactElement, useCallback } from "react";
import { hasUnsaved, leave, navigationEnded } from "../saving/leaving";
import { type Look, lookOf } from "./looks";

/** Whether an address is of the place that is shown already: it is loaded anew then, since what is on the screen has changed since. */
const isHere = (href: string): boolean =>
  new URL(href, window.location.href).pathname === window.location.pathname;

/** Goes to another place inside the page, once what is left to write is on disk; else by loading it, so that the browser asks. */
async function go(href: string, push: (href: string) => void): Promise<void> {
  const written = isHere(href) ? undefined : leave();
  if (written === undefined) return window.location.assign(href);
  await written;
  // What could not be kept shows only now, once the screen has heard of it: then the browser asks.
  await new Promise((heard) => setTimeout(heard));
  if (!hasUnsaved()) return push(href);
  navigationEnded();
  window.location.assign(href);
}

/** A link to another place, inside the page. Where something here can't be kept, the page itself is left, so that the browser asks. */
export function PlaceLink({
  href,
  look,
  className,
  ...link
}: Omit<ComponentProps<typeof Link>, "href"> & {
  readonly href: string;
  /** As a button looks; none where it looks in a way of its own. */
  readonly look?: Look;
}): ReactElement {
  const navigate = useNavigateAfterSaving();
  return (
    <Link
      href={href}
      prefetch={false}
      className={lookOf(look, className)}
      onNavigate={(event) => {
        event.preventDefault();
        navigate(href);
      }}
      {...link}
    />
  );
}

/** Goes to another place, as such a link does. */
export function useNavigateAfterSaving(): (href: string) => void {
  const router = useRouter();
  return useCallback((href: string) => void go(href, router.push), [router]);
}
