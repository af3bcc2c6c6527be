import type { ReactElement, ReactNode } from "react";

/** A stage of a learner's work on a story, under its question. */
export function StoryStage({
  name,
  children,
}: {
  readonly name: string;
  readonly children: ReactNode;
}): ReactElement {
  return (
    <section aria-label={name} className="mt-5">
      <h2 className="mb-1.5 text-body font-semibold">{name}</h2>
      {children}
    </section>
  );
}

/** A given or a sign that is put into the line by a press. */
export function Tile({
  text,
  onPress,
}: {
  readonly text: string;
  readonly onPress: () => void;
}): ReactElement {
  return (
    <button
      type="button"
      onClick={onPress}
      className="grid h-11 min-w-11 place-items-center rounded-lg border border-edge bg-page px-3 font-board text-lead hover:bg-shade"
    >
      {text}
    </button>
  );
}
