import type { ReactElement } from "react";
import { Screen } from "../parts/Screen";

/** A package that Right Sum is made with. */
export interface ShippedPackage {
  readonly name: string;
  readonly version: string;
  readonly licence: string;
}

/** A font that comes with Right Sum, and its licence in full. */
export interface FontLicence {
  readonly name: string;
  readonly text: string;
}

/** What Right Sum is made with, and under which licences. */
export const LicencesScreen = ({
  packages,
  fonts,
}: {
  readonly packages: readonly ShippedPackage[];
  readonly fonts: readonly FontLicence[];
}): ReactElement => (
  <Screen>
    <div className="mx-auto max-w-[860px]">
      <h1 className="text-head font-semibold">Licences</h1>
      <p className="mt-1 text-soft">
        What Right Sum is made with. The text of each is in the package’s own folder.
      </p>
      <h2 className="mt-6 text-lead font-semibold">Fonts</h2>
      {fonts.map(({ name, text }) => (
        <details key={name} className="mt-2 rounded-xl border border-edge bg-page px-4 py-2">
          <summary className="min-h-9 cursor-pointer font-semibold">{name}</summary>
          <pre className="overflow-x-auto pb-2 text-small whitespace-pre-wrap">{text}</pre>
        </details>
      ))}
      <h2 className="mt-6 text-lead font-semibold">Packages</h2>
      <ul className="mt-2 rounded-2xl border border-edge bg-page">
        {packages.map(({ name, version, licence }) => (
          <li
            key={`${name} ${version}`}
            className="flex flex-wrap justify-between gap-x-4 border-t border-edge px-4 py-1.5 text-note first:border-t-0"
          >
            <span>
              {name} <span className="text-soft">{version}</span>
            </span>
            <span>{licence}</span>
          </li>
        ))}
      </ul>
    </div>
  </Screen>
);
