import type { Metadata, Viewport } from "next";
import type { ReactElement, ReactNode } from "react";
import { Rail } from "@/ui/shell";
import "./globals.css";
import { savedView } from "./saved";

export const metadata: Metadata = {
  title: { default: "Right Sum", template: "%s · Right Sum" },
  description: "Written calculation on squared paper, mark by mark, in the method of the learner's school",
};

export const viewport: Viewport = { width: "device-width", initialScale: 1 };

/** Every page is made for its request: it carries that request's nonce and what is kept now. */
export const dynamic = "force-dynamic";

export default function Layout({ children }: { readonly children: ReactNode }): ReactElement {
  return (
    <html lang="en" data-theme={savedView().theme}>
      <body className="flex flex-row max-[700px]:flex-col-reverse">
        <Rail />
        <div className="h-full min-h-0 min-w-0 flex-1">{children}</div>
      </body>
    </html>
  );
}
