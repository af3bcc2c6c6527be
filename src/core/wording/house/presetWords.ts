import type { PresetName } from "../../house";

/** Presets are named by how the page looks and sounds. */
export const PRESET_WORDS: Readonly<Record<PresetName, { readonly name: string; readonly about: string }>> = {
  fillersTrueValue: {
    name: "Fillers, true values",
    about: "Hollow zeros, carries above, every digit said for what it is worth.",
  },
  gapsShort: {
    name: "Gaps, short talk",
    about: "Open places, the longest number on top, equal additions, few words.",
  },
  commaBelow: {
    name: "Comma, carries below",
    about: "Decimal comma, carries under the line, taking away by making up.",
  },
  exchangeByPlaces: {
    name: "Units, place by place",
    about: "Units and exchanges, one place at a time, carries under the line.",
  },
};
