import type { Features } from "../../features";
import type { Wishes } from "./strands/skill";

/** Whether features are as they are wished for. */
export const meets = (features: Features, wishes: Wishes): boolean => isAsWished(features, wishes);

/** Whether a feature, or every one of a group that is named, is as it is wished for. */
function isAsWished(feature: unknown, wish: unknown): boolean {
  if (Array.isArray(wish)) {
    const [from, to]: readonly unknown[] = wish;
    return (
      typeof feature === "number" &&
      typeof from === "number" &&
      typeof to === "number" &&
      feature >= from &&
      feature <= to
    );
  }
  if (typeof wish !== "object" || wish === null) return feature === wish;
  if (typeof feature !== "object" || feature === null) return false;
  const found = new Map<string, unknown>(Object.entries(feature));
  return Object.entries(wish).every(([name, inside]) => isAsWished(found.get(name), inside));
}
