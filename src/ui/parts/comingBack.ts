"use client";

import { PLACES } from "../places";
import { navigationStarted } from "../saving/leaving";

/** Places that only list what is kept: they may be shown again as they were, until what changed has come. */
const LISTS = new Set(PLACES.flatMap(({ address, lists }) => (lists ? [address] : [])));

let back = false;

/** Whether the page that is shown now was come back to; asked once. */
export function cameBack(): boolean {
  const was = back;
  back = false;
  return was;
}

/**
 * Minds the way back: to a list inside the page, to everything else by loading it, since what it was made from
 * may have changed on the disk meanwhile. Gives the way to stop that.
 */
export function interceptBack(): () => void {
  const returning = (event: PopStateEvent): void => {
    navigationStarted();
    const { pathname } = window.location;
    const listed = [...LISTS].some(
      (list) => pathname === list || (list !== "/" && pathname.startsWith(`${list}/`)),
    );
    back = listed;
    if (listed) return;
    event.stopImmediatePropagation();
    window.location.reload();
  };
  window.addEventListener("popstate", returning, { capture: true });
  return () => window.removeEventListener("popstate", returning, { capture: true });
}
