import { lazy, memo, type ReactElement, Suspense, useEffect, useRef, useState } from "react";
import type { HouseRules } from "@/core/house";
import type { SwitchSampleView } from "@/service/views/house";
import { RenderedBoard } from "../paper";

const LazyPictureSample = lazy(() => import("./PictureSample"));

/** What one switch changes, shown under the rules as they stand. */
export const SwitchSample = memo(function SwitchSample({
  sample,
  house,
}: {
  readonly sample: SwitchSampleView;
  readonly house: HouseRules;
}): ReactElement {
  switch (sample.kind) {
    case "line":
      return <p className="font-board text-body">{sample.text}</p>;
    case "words":
      return <p className="text-note leading-snug">{sample.text}</p>;
    case "board":
      return (
        <div className="max-w-56">
          <RenderedBoard html={sample.svg} />
        </div>
      );
    case "picture":
      return <WhenSeen>{() => <LazyPictureSample house={house} />}</WhenSeen>;
  }
});

/** Shows something only once it is in sight: what draws it is large, and stands far down. */
function WhenSeen({ children }: { readonly children: () => ReactElement }): ReactElement {
  const [isSeen, setSeen] = useState(false);
  const place = useRef<HTMLDivElement>(null);
  useEffect(() => {
    if (place.current === null) return;
    const watch = new IntersectionObserver((entries) => {
      if (entries.some(({ isIntersecting }) => isIntersecting)) setSeen(true);
    });
    watch.observe(place.current);
    return () => watch.disconnect();
  }, []);
  return (
    <div ref={place} className="min-h-24 max-w-56">
      {isSeen && <Suspense>{children()}</Suspense>}
    </div>
  );
}
