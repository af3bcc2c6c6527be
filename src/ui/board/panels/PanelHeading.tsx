import { X } from "lucide-react";
import { Dialog } from "radix-ui";
import type { ReactElement } from "react";

/** The name of a panel over the Board, and the button that closes it. */
export function PanelHeading({ title }: { readonly title: string }): ReactElement {
  return (
    <div className="mb-2 flex items-center justify-between">
      <Dialog.Title className="text-body font-semibold">{title}</Dialog.Title>
      <Dialog.Close aria-label="Close" className="grid size-11 place-items-center rounded-lg hover:bg-shade">
        <X aria-hidden="true" className="size-5" />
      </Dialog.Close>
    </div>
  );
}
