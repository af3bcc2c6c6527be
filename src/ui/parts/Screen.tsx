"use client";

import { useRouter } from "next/navigation";
import { type ReactElement, type ReactNode, useEffect, useRef } from "react";
import { navigationEnded, writesSettled } from "../saving/leaving";
import { cameBack } from "./comingBack";

const scrollKey = (): string => `right-sum-scroll ${window.location.pathname}${window.location.search}`;

/** A page that scrolls by itself: who comes back to it finds it as it was left, and what changed meanwhile is fetched. */
export function Screen({ children }: { readonly children: ReactNode }): ReactElement {
  const main = useRef<HTMLElement>(null);
  const router = useRouter();
  useEffect(() => {
    navigationEnded();
    const here = main.current;
    if (here === null) return;
    const key = scrollKey();
    if (cameBack()) {
      here.scrollTop = Number(sessionStorage.getItem(key) ?? 0);
      void writesSettled().then(() => router.refresh());
    }
    // Where it stands is noted as it is scrolled, since it is gone once the page is; and is written down when it is left.
    let last = here.scrollTop;
    const note = (): void => {
      last = here.scrollTop;
    };
    const remember = (): void => sessionStorage.setItem(key, String(last));
    here.addEventListener("scroll", note, { passive: true });
    window.addEventListener("pagehide", remember);
    return () => {
      here.removeEventListener("scroll", note);
      window.removeEventListener("pagehide", remember);
      remember();
    };
  }, [router]);
  // The scroll is not anchored: the card that moves to the top of a list would take the whole list along.
  return (
    <main
      ref={main}
      className="h-full overflow-y-auto [overflow-anchor:none] print:h-auto print:overflow-visible print:p-0 px-8 py-6 max-[700px]:px-4"
    >
      {children}
    </main>
  );
}
