"use client";

import type { ReactElement } from "react";
import { ROUTES } from "@/service/routes";

/** What is shown where a page failed: what to do next, and that nothing kept is lost. */
export default function ErrorPage({ reset }: { readonly reset: () => void }): ReactElement {
  return (
    <main className="grid h-full place-content-center gap-4 p-8 text-center">
      <h1 className="text-title font-semibold">This page could not be shown</h1>
      <p className="max-w-[52ch] text-soft">
        Try again. If it fails once more, have the data looked at under Safe keeping.
      </p>
      <p>
        <button
          type="button"
          onClick={reset}
          className="h-11 rounded-xl bg-plumb px-5 font-semibold text-on-plumb"
        >
          Try again
        </button>
        <a href={ROUTES.safeKeeping} className="ml-4 font-semibold text-plumb">
          Safe keeping
        </a>
      </p>
    </main>
  );
}
