import { Plus } from "lucide-react";
import type { ReactElement } from "react";
import { Button } from "../../parts/Button";
import { SaveStatus } from "../../parts/SaveStatus";
import type { OnDisk } from "../../saving/keptClient";
import { useOwnThing } from "../../saving/own/useOwnThing";
import type { OwnKept } from "./ownDraft";
import { STORY_CLIENT } from "./storyClient";

/** Keeps the story that is open when the tutor asks for it, and says how it stands. */
export function OwnStoryKeeper({
  start,
  draft,
  onDraft,
  onKept,
  onNew,
}: {
  /** The story as it is kept; none of a new one. */
  readonly start: OnDisk<OwnKept> | undefined;
  readonly draft: OwnKept;
  readonly onDraft: (story: OwnKept) => void;
  readonly onKept: (story: OwnKept, isWritten: boolean) => void;
  readonly onNew: () => void;
}): ReactElement {
  const { saving, keep, choose, bringBack } = useOwnThing(STORY_CLIENT, "story", start, draft, {
    draft: onDraft,
    kept: onKept,
  });
  return (
    <>
      <div className="flex flex-wrap gap-1">
        <Button look="main" disabled={draft.text.trim() === ""} onClick={keep}>
          Keep this story
        </Button>
        <Button look="quiet" onClick={onNew}>
          <Plus aria-hidden="true" className="size-4.5" />A new one
        </Button>
      </div>
      <div className="mt-1 min-h-6">
        <SaveStatus saving={saving} onChoose={choose} onBringBack={bringBack} />
      </div>
    </>
  );
}
