import type { ReactElement } from "react";
import type { SaveState } from "../saving/useKept";
import { Button } from "./Button";

/** Whether what is on the screen is kept, in words, and what the tutor can do where it is not. */
export function SaveStatus({
  saving,
  onChoose,
  onBringBack,
}: {
  /** None where nothing is open that could be kept. */
  readonly saving: SaveState | undefined;
  /** Which of two is to stand, where another window made something else of it. */
  readonly onChoose: (mine: boolean) => void;
  /** Undoes that another window took it away; none where that is not offered. */
  readonly onBringBack?: (() => void) | undefined;
}): ReactElement {
  return (
    <p
      role="status"
      // Wide enough for all that it says as things are kept, so that no button beside it moves from under a finger.
      className="min-w-16 text-small text-soft data-[trouble=true]:text-rust"
      data-trouble={saving !== undefined && saving.kind !== "kept" && saving.kind !== "keeping"}
    >
      <span className="print:hidden">{saving && wordsOf(saving)}</span>
      {saving?.kind === "clash" && (
        <>
          {" "}
          <Act words="Keep this one" onPress={() => onChoose(true)} />{" "}
          <Act words="Show that one" onPress={() => onChoose(false)} />
        </>
      )}
      {saving?.kind === "deleted" && onBringBack && (
        <>
          {" "}
          <Act words="Bring it back" onPress={onBringBack} />
        </>
      )}
    </p>
  );
}

const Act = ({ words, onPress }: { readonly words: string; readonly onPress: () => void }): ReactElement => (
  <Button look="words" onClick={onPress}>
    {words}
  </Button>
);

function wordsOf(saving: SaveState): string {
  switch (saving.kind) {
    case "kept":
      return "Kept";
    case "keeping":
      return "Keeping…";
    case "waiting":
      return "Not kept yet: trying again";
    case "clash":
      return "Not kept: changed in another window";
    case "deleted":
      return "Not kept: deleted in another window";
    case "refused":
      return `Not kept: ${saving.message}`;
  }
}
