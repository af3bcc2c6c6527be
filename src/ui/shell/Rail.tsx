"use client";

import { usePathname } from "next/navigation";
import { type ReactElement, useEffect } from "react";
import { interceptBack } from "../parts/comingBack";
import { PlaceLink, useNavigateAfterSaving } from "../parts/PlaceLink";
import { ON_RAIL } from "../places";
import { onSignInEnded } from "../saving/wire/signInEnded";
import { useShortcuts } from "../shortcuts";

const FIRST_AT_FOOT = ON_RAIL.find(({ end }) => end === "foot")?.name;

/** The address of the place whose key is pressed; not in a field where the key writes another sign with Alt. */
const placeOf = (event: KeyboardEvent): string | undefined => {
  if (!event.altKey || event.ctrlKey || event.metaKey || event.shiftKey) return undefined;
  const place = ON_RAIL.find(({ key }) => event.code === `Digit${key}`);
  const writes = event.target instanceof HTMLElement && event.target.matches("input, textarea, select");
  return writes && event.key !== place?.key ? undefined : place?.address;
};

/** The slim rail with the places of the product; along the foot of a narrow screen. */
export function Rail(): ReactElement {
  const here = usePathname();
  const navigate = useNavigateAfterSaving();
  useEffect(interceptBack, []);
  useEffect(() => {
    // Without a sign-in nothing more is loaded: what asks for one is there before.
    if (document.documentElement.dataset.beyond === "true")
      void import("./signInAgain").then(
        ({ signInAgain }) => onSignInEnded(signInAgain),
        // It leads to the sign-in page then.
        () => undefined,
      );
  }, []);
  useShortcuts(
    (event) => {
      const address = placeOf(event);
      if (address !== undefined) navigate(address);
      return address !== undefined;
    },
    { everywhere: true },
  );
  return (
    <nav
      aria-label="Places"
      className="flex w-[88px] shrink-0 flex-col border-r print:hidden border-edge pt-3.5 pb-2 max-[700px]:w-full max-[700px]:flex-row max-[700px]:border-t max-[700px]:border-r-0 max-[700px]:p-0"
    >
      <p className="pb-4 text-center text-body leading-[1.1] font-bold text-plumb max-[700px]:hidden">
        Right
        <br />
        Sum
      </p>
      {ON_RAIL.map(({ address, name, Icon, key }) => (
        <PlaceLink
          key={address}
          href={address}
          aria-keyshortcuts={`Alt+${key}`}
          aria-current={here === address ? "page" : here.startsWith(`${address}/`) ? "true" : undefined}
          data-foot={name === FIRST_AT_FOOT}
          className="flex min-h-[58px] flex-col items-center justify-center gap-1 border-l-[3px] border-transparent text-small leading-4 text-soft data-[foot=true]:mt-auto hover:text-ink aria-[current]:border-plumb aria-[current]:bg-shade aria-[current]:font-semibold aria-[current]:text-ink max-[700px]:mt-0! max-[700px]:flex-1 max-[700px]:justify-start max-[700px]:border-l-0 max-[700px]:pt-2 max-[700px]:text-center max-[700px]:text-small"
        >
          <Icon aria-hidden="true" className="size-5" strokeWidth={1.75} />
          {name}
        </PlaceLink>
      ))}
    </nav>
  );
}
