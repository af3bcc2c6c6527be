"use client";

import { Archive, CalendarDays, Grid3x3, ListChecks, Ruler, Users } from "lucide-react";
import { usePathname } from "next/navigation";
import type { ReactElement } from "react";
import { ROUTES } from "../routes";

/** The places of the product, in the order of the rail; the last two stand at its foot. */
const PLACES = [
  { href: ROUTES.today, name: "Today", Icon: CalendarDays },
  { href: ROUTES.board, name: "Board", Icon: Grid3x3 },
  { href: ROUTES.marking, name: "Marking", Icon: ListChecks },
  { href: ROUTES.learners, name: "Learners", Icon: Users },
  { href: ROUTES.houseRules, name: "House rules", Icon: Ruler },
  { href: ROUTES.safeKeeping, name: "Safe keeping", Icon: Archive },
] as const;

/**
 * The slim rail with the places of the product; along the foot of a narrow screen. Its links load the
 * page: a board that is still writing its address would call a navigation inside the page back.
 */
export function Rail(): ReactElement {
  const here = usePathname();
  return (
    <nav
      aria-label="Places"
      className="flex w-[88px] shrink-0 flex-col border-r border-edge pt-3.5 pb-2 max-[700px]:w-full max-[700px]:flex-row max-[700px]:border-t max-[700px]:border-r-0 max-[700px]:p-0"
    >
      <p className="pb-4 text-center text-[16px] leading-[1.1] font-bold text-plumb max-[700px]:hidden">
        Right
        <br />
        Sum
      </p>
      {PLACES.map(({ href, name, Icon }) => (
        <a
          key={href}
          href={href}
          aria-current={here === href ? "page" : undefined}
          className="flex min-h-[58px] flex-col items-center justify-center gap-1 border-l-[3px] border-transparent text-[13px] leading-4 text-soft nth-last-2:mt-auto hover:text-ink aria-[current=page]:border-plumb aria-[current=page]:bg-shade aria-[current=page]:font-semibold aria-[current=page]:text-ink max-[700px]:mt-0! max-[700px]:flex-1 max-[700px]:justify-start max-[700px]:border-l-0 max-[700px]:pt-2 max-[700px]:text-center max-[700px]:text-[12px]"
        >
          <Icon aria-hidden="true" className="size-5" strokeWidth={1.75} />
          {name}
        </a>
      ))}
    </nav>
  );
}
