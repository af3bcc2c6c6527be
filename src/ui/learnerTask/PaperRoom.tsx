import type { ComponentProps, ReactElement, RefObject } from "react";
import { PaperPad } from "./PaperPad";

/** The learner's paper in its room; a paper that is larger is scrolled. */
export const PaperRoom = ({
  room,
  pad,
}: {
  readonly room: RefObject<HTMLDivElement | null>;
  readonly pad: ComponentProps<typeof PaperPad>;
}): ReactElement => (
  <section
    ref={room}
    data-room
    // biome-ignore lint/a11y/noNoninteractiveTabindex: a paper larger than its room is scrolled by keys
    tabIndex={0}
    aria-label="Paper"
    className="grid min-h-0 min-w-0 overflow-auto p-2"
  >
    <div className="m-auto rounded border border-edge bg-page shadow-sheet">
      <PaperPad {...pad} />
    </div>
  </section>
);
