import type { Metadata } from "next";
import type { ReactElement } from "react";
import { MethodsScreen } from "@/ui/methods";
import { methodsShown } from "../reading/drawings";
import { savedHouse } from "../reading/saved";

export const metadata: Metadata = { title: "Methods" };

// The house rules are the tutor's own, and may have changed since the last look.
export const dynamic = "force-dynamic";

export default async function MethodsPage(): Promise<ReactElement> {
  const house = savedHouse();
  return <MethodsScreen house={house} methods={await methodsShown(house)} />;
}
