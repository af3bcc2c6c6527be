"use client";

import { RadioGroup } from "radix-ui";
import type { ReactElement } from "react";
import {
  type HouseRules,
  nearestPreset,
  PRESET_NAMES,
  PRESETS,
  SWITCHES,
  type SwitchName,
} from "@/core/house";
import { isOwnCurrency } from "@/core/quantity";
import { PRESET_WORDS, SWITCH_GROUPS, SWITCH_WORDS, settingWords } from "@/core/wording";
import type { SwitchSamples } from "@/service/views/house";
import { OwnMoney } from "./OwnMoney";
import { SwitchSample } from "./SwitchSample";

/** Presets to start from, then every switch with all its settings in sight. */
export function HouseSwitches({
  house,
  samples,
  onHouse,
}: {
  readonly house: HouseRules;
  /** What each switch changes, to stand beside it; none where that is not shown. */
  readonly samples?: SwitchSamples | undefined;
  readonly onHouse: (house: HouseRules) => void;
}): ReactElement {
  const { preset, changed } = nearestPreset(house);
  return (
    <div className="flex flex-col gap-5">
      <RadioGroup.Root
        aria-label="Preset"
        value={changed.length === 0 ? preset : ""}
        onValueChange={(value) => {
          const chosen = PRESET_NAMES.find((name) => name === value);
          if (chosen) onHouse(PRESETS[chosen]);
        }}
        className="grid grid-cols-2 gap-2"
      >
        {PRESET_NAMES.map((name) => (
          <RadioGroup.Item
            key={name}
            value={name}
            className="rounded-xl border border-edge px-3 py-2 text-left hover:bg-shade data-[state=checked]:border-plumb data-[state=checked]:bg-shade"
          >
            <span className="block text-note font-semibold">{PRESET_WORDS[name].name}</span>
            <span className="block text-small leading-snug text-soft">{PRESET_WORDS[name].about}</span>
          </RadioGroup.Item>
        ))}
      </RadioGroup.Root>
      {SWITCH_GROUPS.map((group) => (
        <fieldset key={group.title}>
          <legend className="mb-1 text-small font-semibold text-soft">{group.title}</legend>
          {group.switches.map((name) => (
            <div
              key={name}
              data-samples={samples !== undefined}
              className="data-[samples=true]:grid data-[samples=true]:grid-cols-[minmax(0,1fr)_224px] data-[samples=true]:items-center data-[samples=true]:gap-x-8 data-[samples=true]:border-t data-[samples=true]:border-edge data-[samples=true]:py-2.5 max-[700px]:data-[samples=true]:grid-cols-1"
            >
              <Switch name={name} house={house} onHouse={onHouse} />
              {samples?.[name] && <SwitchSample sample={samples[name]} house={house} />}
            </div>
          ))}
        </fieldset>
      ))}
    </div>
  );
}

function Switch({
  name,
  house,
  onHouse,
}: {
  readonly name: SwitchName;
  readonly house: HouseRules;
  readonly onHouse: (house: HouseRules) => void;
}): ReactElement {
  const { label } = SWITCH_WORDS[name];
  return (
    <div className="flex min-h-11 flex-wrap items-center justify-between gap-x-4 gap-y-1 py-1">
      <span className="text-note">{label}</span>
      <RadioGroup.Root
        aria-label={label}
        value={house[name]}
        onValueChange={(setting) => onHouse({ ...house, [name]: setting })}
        className="flex flex-wrap overflow-hidden rounded-lg border border-edge"
      >
        {SWITCHES[name].map((setting) => (
          <RadioGroup.Item
            key={setting}
            value={setting}
            className="min-h-9 border-l border-edge px-3 text-note first:border-l-0 hover:bg-shade focus-visible:-outline-offset-2 data-[state=checked]:bg-plumb data-[state=checked]:text-on-plumb"
          >
            {settingWords(name, setting, house)}
          </RadioGroup.Item>
        ))}
        {name === "currency" && isOwnCurrency(house.currency) && (
          <RadioGroup.Item
            value={house.currency}
            className="min-h-9 border-l border-edge px-3 text-note data-[state=checked]:bg-plumb data-[state=checked]:text-on-plumb"
          >
            {settingWords(name, house.currency, house)}
          </RadioGroup.Item>
        )}
      </RadioGroup.Root>
      {name === "currency" && (
        <OwnMoney currency={house.currency} onCurrency={(currency) => onHouse({ ...house, currency })} />
      )}
    </div>
  );
}
