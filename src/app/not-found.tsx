import Link from "next/link";
import type { ReactElement } from "react";
import { ROUTES } from "@/service/routes";

export default function NotFoundPage(): ReactElement {
  return (
    <main className="grid h-full place-content-center gap-4 p-8 text-center">
      <h1 className="text-title font-semibold">There is no page at this address</h1>
      <p>
        <Link href={ROUTES.today} className="font-semibold text-plumb">
          Go to Today
        </Link>
      </p>
    </main>
  );
}
