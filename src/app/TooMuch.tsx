import Link from "next/link";
import type { ReactElement } from "react";
import { ROUTES } from "@/service/routes";
import { Reload } from "@/ui/parts/Reload";

/** What is shown where something took longer than it may: why, and where to go. */
export const TooMuch = ({ message }: { readonly message: string }): ReactElement => (
  <main className="grid h-full place-content-center gap-4 p-8 text-center">
    <h1 className="text-title font-semibold">This could not be worked out</h1>
    <p className="max-w-[52ch] text-soft">{message}</p>
    <p className="flex justify-center gap-6">
      <Reload />
      <Link href={ROUTES.board} className="font-semibold text-plumb">
        Go to the Board
      </Link>
    </p>
  </main>
);
