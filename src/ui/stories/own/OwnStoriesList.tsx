import { Trash2 } from "lucide-react";
import type { ReactElement } from "react";
import { Button } from "../../parts/Button";
import type { OwnKept } from "./ownDraft";

/** The tutor's stories: those that are kept, and those that are written and not kept yet. */
export const OwnStoriesList = ({
  kept,
  unkept,
  open,
  onOpen,
  onDelete,
}: {
  readonly kept: readonly OwnKept[];
  readonly unkept: readonly OwnKept[];
  readonly open: string;
  readonly onOpen: (id: string) => void;
  readonly onDelete: (story: OwnKept) => void;
}): ReactElement =>
  kept.length + unkept.length === 0 ? (
    <p className="text-note text-soft">Stories that you keep stand here, and can be added to every sheet.</p>
  ) : (
    <ul className="grid gap-1">
      {[
        ...unkept.map((story) => ({ story, isKept: false })),
        ...kept.map((story) => ({ story, isKept: true })),
      ].map(({ story, isKept }) => (
        <li key={story.id} className="flex items-center">
          <button
            type="button"
            aria-pressed={story.id === open}
            onClick={() => onOpen(story.id)}
            className="min-h-11 min-w-0 flex-1 rounded-lg border-l-4 border-transparent px-3 py-1 text-left leading-tight hover:bg-shade aria-pressed:border-plumb aria-pressed:bg-shade"
          >
            <span className="line-clamp-2">{story.text}</span>
            {!isKept && <span className="block text-small text-soft">Not kept yet</span>}
          </button>
          <Button
            look="sign"
            aria-label={`Delete “${story.text.slice(0, 40)}”`}
            onClick={() => onDelete(story)}
            className="shrink-0"
          >
            <Trash2 aria-hidden="true" className="size-4.5" />
          </Button>
        </li>
      ))}
    </ul>
  );
