import { useEffect } from "react";

/** Brings the chosen rung into the middle of its ladder, and moves nothing else. */
export function useRungInSight(): void {
  useEffect(() => {
    const chosen = document.querySelector("[data-relation=chosen]");
    const ladder = chosen?.closest("aside");
    if (!chosen || !ladder) return;
    const [rung, room] = [chosen.getBoundingClientRect(), ladder.getBoundingClientRect()];
    ladder.scrollTop += rung.top - room.top - (room.height - rung.height) / 2;
  }, []);
}
