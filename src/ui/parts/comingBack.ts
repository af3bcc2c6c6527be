"use client";

import { LISTS } from "../places";
import { navigationStarted } from "../saving/leaving";

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
