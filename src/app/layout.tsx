import type { Metadata, Viewport } from "next";
import type { ReactElement, ReactNode } from "react";
import { isReadOnly } from "@/data";
import { ROUTES } from "@/service/routes";
import { Rail } from "@/ui/shell";
import { KeysHelp } from "@/ui/shortcuts";
import "./globals.css";
import { savedView } from "./reading/saved";

export const metadata: Metadata = {
  title: { default: "Right Sum", template: "%s · Right Sum" },
  description: "Written calculation on squared paper, mark by mark, in the method of the learner's school",
};

export const viewport: Viewport = { width: "device-width", initialScale: 1 };

/** Every page is made for its request: it carries that request's nonce and what is kept now. */
export const dynamic = "force-dynamic";

export default function Layout({ children }: { readonly children: ReactNode }): ReactElement {
  return (
    <html lang="en" data-theme={savedView().theme} data-beyond={process.env.RIGHT_SUM_BEYOND === "1"}>
      <body className="flex flex-row max-[700px]:flex-col-reverse">
        <Rail />
        <KeysHelp />
        <div className="flex h-full min-h-0 min-w-0 flex-1 flex-col">
          <OnlyRead />
          {/* On a phone the places stand below: what is longer than its room scrolls above them. */}
          <div className="min-h-0 flex-1 max-[700px]:overflow-y-auto print:overflow-visible">{children}</div>
        </div>
      </body>
    </html>
  );
}

/** Says on every page that nothing is written, while the data is only read. */
const OnlyRead = (): ReactElement | null =>
  isReadOnly() ? (
    <p role="status" className="border-b border-edge bg-shade px-6 py-2 text-note">
      The data is only read just now: nothing you do is kept.{" "}
      <a href={ROUTES.safeKeeping} className="font-semibold text-plumb underline">
        See Safe keeping
      </a>
    </p>
  ) : null;
