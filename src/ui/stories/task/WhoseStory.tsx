import type { ReactElement } from "react";

/** Whose story it is: a learner's, in whose record it is kept, or nobody's. */
export const WhoseStory = ({
  learners,
  learner,
  onLearner,
}: {
  readonly learners: readonly { readonly id: string; readonly name: string }[];
  readonly learner: string;
  readonly onLearner: (id: string) => void;
}): ReactElement => (
  <label className="mt-6 flex flex-wrap items-center gap-3">
    <span className="font-semibold">Whose story is it?</span>
    <select
      value={learner}
      onChange={({ target }) => onLearner(target.value)}
      className="h-11 rounded-lg border border-edge bg-page px-3"
    >
      <option value="">Nobody’s: it is not kept</option>
      {learners.map(({ id, name }) => (
        <option key={id} value={id}>
          {name}
        </option>
      ))}
    </select>
  </label>
);
