import type { ReactElement } from "react";
import type { OwnSamples } from "@/service/requests";

/** What is drawn from a rung as it is written, how many fit, and which lines can't be read. */
export const Samples = ({
  shown,
  message,
}: {
  readonly shown: OwnSamples | undefined;
  readonly message: string;
}): ReactElement => (
  <section aria-label="Samples">
    <h2 className="text-body font-semibold">Samples</h2>
    <p role="status" className="mt-1 text-note">
      {message !== "" ? (
        <span className="text-rust">{message}</span>
      ) : shown === undefined ? (
        <span className="text-soft">Drawing…</span>
      ) : (
        `Of ${shown.tried.toLocaleString("en")} drawn, ${shown.fit} fit.`
      )}
    </p>
    {shown?.unread.map(({ line, message: why }) => (
      <p key={line} className="mt-1 text-note text-rust">
        <span className="font-board">{line}</span>: {why}
      </p>
    ))}
    <ol className="mt-2">
      {shown?.samples.map(({ problem, answer }) => (
        <li
          key={problem}
          className="flex justify-between gap-4 border-b border-edge py-1.5 font-board text-lead"
        >
          <span>{problem}</span>
          <span className="text-straw">{answer}</span>
        </li>
      ))}
    </ol>
  </section>
);
