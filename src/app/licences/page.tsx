import type { Metadata } from "next";
import type { ReactElement } from "react";
import { LicencesScreen } from "@/ui/licences/LicencesScreen";
import { fontLicences, shippedPackages } from "../reading/shipped";

export const metadata: Metadata = { title: "Licences" };

export default function LicencesPage(): ReactElement {
  return <LicencesScreen packages={shippedPackages()} fonts={fontLicences()} />;
}
