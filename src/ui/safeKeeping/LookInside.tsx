import type { ReactElement } from "react";
import { RestoreBackup } from "./ActButtons";
import { KINDS, type LookedInto, type ShownInside } from "./words";

/** What is in a backup beside what is kept now, and the way back to it. */
export function LookInside({
  looked: { name, inside },
  now,
  when,
}: {
  readonly looked: LookedInto;
  readonly now: ShownInside;
  readonly when: string | undefined;
}): ReactElement {
  const title = when === undefined ? name : `The backup of ${when}`;
  return (
    <section
      aria-label="Inside the backup"
      className="mt-4 rounded-2xl border border-plumb bg-page px-5 py-4"
    >
      <h3 className="font-semibold">{title}</h3>
      {inside === undefined ? (
        <p className="mt-1 text-rust">This backup is damaged and can’t be restored. Choose another.</p>
      ) : (
        <>
          <table className="mt-2 text-note">
            <thead>
              <tr className="text-left text-small text-soft">
                <td />
                <th scope="col" className="px-4 font-normal">
                  in the backup
                </th>
                <th scope="col" className="px-4 font-normal">
                  kept now
                </th>
              </tr>
            </thead>
            <tbody>
              {KINDS.map(([kind, , many]) => (
                <tr key={kind}>
                  <th scope="row" className="pr-4 text-left font-normal first-letter:uppercase">
                    {many}
                  </th>
                  <td className="px-4 tabular-nums">{inside.counts[kind].toLocaleString("en")}</td>
                  <td className="px-4 tabular-nums">{now.counts[kind].toLocaleString("en")}</td>
                </tr>
              ))}
            </tbody>
          </table>
          {inside.learners.length > 0 && (
            <p className="mt-2 text-note leading-snug text-soft">Learners: {inside.learners.join(", ")}</p>
          )}
          {inside.lastAnswer !== undefined && (
            <p className="text-note leading-snug text-soft">Last answer: {inside.lastAnswer}</p>
          )}
          <RestoreBackup name={name} />
          <p className="mt-1 text-small text-soft">What is kept now is backed up first.</p>
        </>
      )}
    </section>
  );
}
