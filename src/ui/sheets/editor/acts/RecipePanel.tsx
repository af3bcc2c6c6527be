"use client";

import { SlidersHorizontal } from "lucide-react";
import { Select } from "radix-ui";
import { type ReactElement, useState } from "react";
import type { TraitId } from "@/core/features";
import { SKILLS, type SkillId, STRANDS } from "@/core/sheets";
import { SKILL_NAMES, STRAND_NAMES, TRAIT_NAMES } from "@/core/wording";
import { Button } from "../../../parts/Button";
import { useNavigateAfterSaving } from "../../../parts/PlaceLink";
import {
  type AddressedRecipe,
  problemsWished,
  recipeAddress,
  TRAIT_WISHES,
  type TraitWish,
  wishOf,
} from "../../recipeAddress";
import { Panel } from "./Panel";

/** The recipe by hand: which skills are mixed, how many problems, and what must be in them or must not. */
export function RecipePanel({
  recipe,
  possible,
}: {
  readonly recipe: AddressedRecipe;
  /** What the chosen skills can have. */
  readonly possible: readonly TraitId[];
}): ReactElement {
  const go = useNavigateAfterSaving();
  const [skills, setSkills] = useState<readonly SkillId[]>(recipe.skills);
  const [count, setCount] = useState(String(recipe.count));
  const named = [...recipe.never, ...recipe.least.map(({ trait }) => trait)];
  const traits = [...new Set([...possible, ...named])];
  const [wishes, setWishes] = useState<Readonly<Record<string, TraitWish>>>(
    Object.fromEntries(traits.map((trait) => [trait, wishOf(recipe, trait)])),
  );
  const many = Number.parseInt(count, 10);
  const valid = many >= 1 && many <= 60;
  const draw = (): void => {
    const least = traits.flatMap((trait) => {
      const problems = problemsWished(wishes[trait] ?? "any", many);
      return problems === undefined ? [] : [{ trait, problems }];
    });
    const never = traits.filter((trait) => wishes[trait] === "never");
    go(recipeAddress({ skills, count: many, seed: recipe.seed, never, least }));
  };
  return (
    <Panel label="Recipe" icon={<SlidersHorizontal aria-hidden="true" className="size-4.5" />} wide>
      <form
        onSubmit={(event) => {
          event.preventDefault();
          if (valid) draw();
        }}
      >
        <p className="text-small text-soft">Skills, in equal parts</p>
        <ul className="mt-1">
          {skills.map((id) => (
            <li key={id} className="flex min-h-11 items-center justify-between gap-2">
              <span>{SKILL_NAMES[id]}</span>
              {skills.length > 1 && (
                <Button look="words" onClick={() => setSkills(skills.filter((one) => one !== id))}>
                  Leave out<span className="sr-only"> {SKILL_NAMES[id]}</span>
                </Button>
              )}
            </li>
          ))}
        </ul>
        <Choice
          label="Mix in another skill"
          value=""
          placeholder="Mix in another skill…"
          groups={STRANDS.map((strand) => ({
            name: STRAND_NAMES[strand],
            of: SKILLS.filter((one) => one.strand === strand && !skills.includes(one.id)).map(({ id }) => ({
              id,
              name: SKILL_NAMES[id],
            })),
          }))}
          onChoose={(id) => {
            const found = SKILLS.find((one) => one.id === id);
            if (found) setSkills([...skills, found.id]);
          }}
        />
        <label className="mt-3 flex items-center gap-2">
          How many problems
          <input
            value={count}
            inputMode="numeric"
            onChange={(event) => setCount(event.target.value)}
            aria-invalid={!valid}
            className="h-11 w-18 rounded-lg border border-edge bg-page px-2 text-center"
          />
        </label>
        {!valid && <p className="text-note text-rust">A number from 1 to 60.</p>}
        {traits.length > 0 && (
          <fieldset className="mt-3">
            <legend className="text-small text-soft">What must be in it, and what must not</legend>
            {traits.map((trait) => (
              <div key={trait} className="flex min-h-12 items-center justify-between gap-3">
                <span>{TRAIT_NAMES[trait]}</span>
                <Choice
                  label={TRAIT_NAMES[trait]}
                  value={wishes[trait] ?? "any"}
                  groups={[{ name: "", of: TRAIT_WISHES }]}
                  onChoose={(id) => {
                    const wish = TRAIT_WISHES.find((one) => one.id === id);
                    if (wish) setWishes({ ...wishes, [trait]: wish.id });
                  }}
                />
              </div>
            ))}
          </fieldset>
        )}
        <Button look="main" type="submit" disabled={!valid} className="mt-3">
          Draw this sheet
        </Button>
      </form>
    </Panel>
  );
}

/** A choice of many, in a list that opens. */
function Choice({
  label,
  value,
  placeholder,
  groups,
  onChoose,
}: {
  readonly label: string;
  readonly value: string;
  readonly placeholder?: string;
  readonly groups: readonly {
    readonly name: string;
    readonly of: readonly { readonly id: string; readonly name: string }[];
  }[];
  readonly onChoose: (id: string) => void;
}): ReactElement {
  return (
    <Select.Root value={value} onValueChange={onChoose}>
      <Select.Trigger
        aria-label={label}
        className="flex min-h-11 items-center justify-between gap-2 rounded-lg border border-edge bg-page px-3 text-left hover:bg-shade"
      >
        <Select.Value placeholder={placeholder} />
        <Select.Icon className="text-soft" />
      </Select.Trigger>
      <Select.Portal>
        <Select.Content
          position="popper"
          sideOffset={4}
          className="z-40 max-h-80 overflow-hidden rounded-xl border border-edge bg-page shadow-sheet"
        >
          <Select.Viewport className="p-1">
            {groups.map((group) => (
              <Select.Group key={group.name}>
                {group.name !== "" && (
                  <Select.Label className="px-3 pt-2 text-small text-soft">{group.name}</Select.Label>
                )}
                {group.of.map((one) => (
                  <Select.Item
                    key={one.id}
                    value={one.id}
                    className="flex min-h-10 cursor-default items-center rounded-lg px-3 outline-none data-highlighted:bg-shade"
                  >
                    <Select.ItemText>{one.name}</Select.ItemText>
                  </Select.Item>
                ))}
              </Select.Group>
            ))}
          </Select.Viewport>
        </Select.Content>
      </Select.Portal>
    </Select.Root>
  );
}
