import { X } from "lucide-react";
import { Dialog } from "radix-ui";
import type { ReactElement } from "react";
import { TURN_KEYS } from "./hand/strokeKeys";

/** The keys of the learner's board, in a dialog. */
export const TurnKeys = ({
  open,
  onOpen,
}: {
  readonly open: boolean;
  readonly onOpen: (open: boolean) => void;
}): ReactElement => (
  <Dialog.Root open={open} onOpenChange={onOpen}>
    <Dialog.Trigger
      aria-label="Keys"
      title="Keys (?)"
      className="grid size-11 place-items-center rounded-lg text-[17px] font-semibold text-soft hover:bg-shade hover:text-ink"
    >
      ?
    </Dialog.Trigger>
    <Dialog.Portal>
      <Dialog.Overlay className="fixed inset-0 z-40 bg-ink/30" />
      <Dialog.Content
        aria-describedby={undefined}
        className="fixed top-1/2 left-1/2 z-50 max-h-[88vh] w-[min(520px,92vw)] -translate-x-1/2 -translate-y-1/2 overflow-y-auto rounded-2xl border border-edge bg-page p-6 shadow-sheet"
      >
        <div className="flex items-center justify-between">
          <Dialog.Title className="text-xl font-semibold">Keys of your turn</Dialog.Title>
          <Dialog.Close
            aria-label="Close"
            className="grid size-11 place-items-center rounded-lg hover:bg-shade"
          >
            <X aria-hidden="true" className="size-5" />
          </Dialog.Close>
        </div>
        <dl className="mt-2 grid grid-cols-[auto_1fr] gap-x-6 gap-y-1.5">
          {TURN_KEYS.map(({ shown, does }) => (
            <div key={shown} className="contents">
              <dt className="font-semibold">{shown}</dt>
              <dd>{does}</dd>
            </div>
          ))}
        </dl>
      </Dialog.Content>
    </Dialog.Portal>
  </Dialog.Root>
);
