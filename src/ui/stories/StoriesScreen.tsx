import type { ReactElement } from "react";
import type { HouseRules } from "@/core/house";
import { STORY_KINDS, STRUCTURES, type StoryKindId } from "@/core/stories";
import { STORY_NAMES, STRUCTURE_NAMES } from "@/core/wording";
import type { ShownStory } from "@/service/requests";
import { ROUTES } from "@/service/routes";
import { PlaceLink } from "../parts/PlaceLink";
import { StoryPage } from "./StoryPage";

/** Word problems: the kinds by how their quantities hang together, and one of them told. */
export function StoriesScreen({
  kind,
  seed,
  story,
  house,
}: {
  readonly kind: StoryKindId;
  readonly seed: number;
  readonly story: ShownStory | undefined;
  readonly house: HouseRules;
}): ReactElement {
  return (
    <div className="grid h-full grid-cols-[minmax(0,310px)_minmax(0,1fr)] max-[900px]:h-auto max-[900px]:grid-cols-1 print:block">
      <nav
        // biome-ignore lint/a11y/noNoninteractiveTabindex: a list longer than its room is scrolled by keys
        tabIndex={0}
        aria-label="Kinds of word problems"
        className="overflow-y-auto border-r border-edge px-4 py-5 max-[900px]:order-2 max-[900px]:border-t max-[900px]:border-r-0 print:hidden"
      >
        <div className="mb-2 flex flex-col items-start">
          <PlaceLink href={ROUTES.sheets} look="words">
            The ladder
          </PlaceLink>
          <PlaceLink href={ROUTES.stockLists} look="words">
            Stock lists
          </PlaceLink>
          <PlaceLink href={ROUTES.ownStory()} look="words">
            A story of your own
          </PlaceLink>
          <PlaceLink href={ROUTES.storyProbe()} look="words">
            What a learner does with stories
          </PlaceLink>
        </div>
        {STRUCTURES.map((structure) => (
          <section key={structure} aria-label={STRUCTURE_NAMES[structure]} className="mb-4">
            <h2 className="text-small font-semibold text-soft">{STRUCTURE_NAMES[structure]}</h2>
            <ul className="mt-1">
              {STORY_KINDS.filter((one) => one.structure === structure).map(({ id, steps }) => (
                <li key={id}>
                  <PlaceLink
                    href={ROUTES.story(id)}
                    aria-current={id === kind ? "page" : undefined}
                    className="flex min-h-10 items-center justify-between gap-2 rounded-lg border-l-4 border-transparent px-2.5 leading-tight hover:bg-shade aria-[current]:border-plumb aria-[current]:bg-shade aria-[current]:font-semibold pointer-coarse:min-h-11"
                  >
                    {STORY_NAMES[id]}
                    {steps > 1 && (
                      <span className="shrink-0 text-small font-normal whitespace-nowrap text-soft">
                        {steps} steps
                      </span>
                    )}
                  </PlaceLink>
                </li>
              ))}
            </ul>
          </section>
        ))}
      </nav>
      <main
        // biome-ignore lint/a11y/noNoninteractiveTabindex: a story longer than its room is scrolled by keys
        tabIndex={0}
        className="overflow-y-auto px-8 py-5 max-[700px]:px-4 print:overflow-visible print:p-0"
      >
        <h1 className="text-head leading-tight font-semibold">{STORY_NAMES[kind]}</h1>
        {story === undefined ? (
          <p className="mt-4">
            Under your house rules, and with the things on your stock list, this kind can’t be told. Choose
            another one.
          </p>
        ) : (
          <StoryPage story={story} kind={kind} seed={seed} house={house} />
        )}
      </main>
    </div>
  );
}
