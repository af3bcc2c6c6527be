import type { Metadata } from "next";
import type { ReactElement } from "react";
import { MethodsScreen } from "@/ui/methods";
import { savedHouse } from "../saved";

export const metadata: Metadata = { title: "Methods" };

// The house rules are the tutor's own, and may have changed since the last look.
export const dynamic = "force-dynamic";

export default function MethodsPage(): ReactElement {
  return <MethodsScreen house={savedHouse()} />;
}
