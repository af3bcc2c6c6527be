import "server-only";

import fs from "node:fs";
import path from "node:path";
import { z } from "zod";
import type { FontLicence, ShippedPackage } from "@/ui/licences/LicencesScreen";

const lockSchema = z.object({
  packages: z.record(
    z.string(),
    z.object({
      version: z.string().optional(),
      license: z.string().optional(),
      dev: z.boolean().optional(),
      optional: z.boolean().optional(),
    }),
  ),
});

const root = (name: string): string => path.resolve(/* turbopackIgnore: true */ name);

const packageSchema = z.object({
  license: z.string().optional(),
  licenses: z.array(z.object({ type: z.string() })).optional(),
});

/** What a package says of its licence where the lock file does not; its own file of it otherwise. */
function licenceOf(place: string): string {
  const told = packageSchema.safeParse(JSON.parse(fs.readFileSync(root(`${place}/package.json`), "utf8")));
  return told.data?.license ?? told.data?.licenses?.[0]?.type ?? "in its file LICENSE";
}

/** The packages that are installed to run Right Sum, with their licences, as the lock file has them: those for other systems are not. */
export function shippedPackages(): readonly ShippedPackage[] {
  const lock = lockSchema.parse(JSON.parse(fs.readFileSync(root("package-lock.json"), "utf8")));
  const found = Object.entries(lock.packages).flatMap(([place, { version, license, dev }]) => {
    const name = place.split("node_modules/").at(-1) ?? "";
    return place === "" || dev === true || version === undefined || !fs.existsSync(root(place))
      ? []
      : [{ name, version, licence: license ?? licenceOf(place) }];
  });
  const once = new Map(found.map((one) => [`${one.name} ${one.version}`, one]));
  return [...once.values()].sort((a, b) => a.name.localeCompare(b.name));
}

const FONTS = [
  { name: "Figtree", file: "node_modules/@fontsource-variable/figtree/LICENSE" },
  { name: "Andika", file: "node_modules/@fontsource/andika/LICENSE" },
  { name: "Signs that the two lack", file: "src/app/fonts/OFL.txt" },
] as const;

/** The licences of the fonts, in full, as they ask to be given. */
export const fontLicences = (): readonly FontLicence[] =>
  FONTS.map(({ name, file }) => ({ name, text: fs.readFileSync(root(file), "utf8") }));
