"use client";

import type { ReactElement } from "react";

/** What is shown where a page failed: what to do next, and that nothing kept is lost. */
export default function ErrorPage({ reset }: { readonly reset: () => void }): ReactElement {
  return (
    <main className="grid h-full place-content-center gap-4 p-8 text-center">
      <h1 className="text-2xl font-semibold">This page could not be shown</h1>
      <p className="text-soft">Everything that was kept is still there.</p>
      <p>
        <button
          type="button"
          onClick={reset}
          className="h-11 rounded-xl bg-plumb px-5 font-semibold text-on-plumb"
        >
          Try again
        </button>
      </p>
    </main>
  );
}
