import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { anyHouse } from "../testing/arbitrary";
import { choicesOf, houseRulesFrom, nearestPreset, PRESET_NAMES, PRESETS, SWITCH_NAMES, SWITCHES } from ".";

describe("house rules", () => {
  it("come back from the choices that spell them out", () => {
    fc.assert(
      fc.property(anyHouse, (house) => {
        expect(houseRulesFrom(choicesOf(house))).toEqual({ ok: true, value: house });
      }),
    );
  });

  it("are spelled out by a preset and what differs from it, and by no longer list than any other preset gives", () => {
    for (const preset of PRESET_NAMES) expect(choicesOf(PRESETS[preset])).toEqual({ preset });
    fc.assert(
      fc.property(anyHouse, (house) => {
        const { preset, changed } = nearestPreset(house);
        for (const name of SWITCH_NAMES)
          expect(changed.includes(name)).toBe(PRESETS[preset][name] !== house[name]);
        for (const other of PRESET_NAMES) {
          const differing = SWITCH_NAMES.filter((name) => PRESETS[other][name] !== house[name]);
          expect(changed.length).toBeLessThanOrEqual(differing.length);
        }
      }),
    );
  });

  it("are the first preset where nothing is chosen, and the last word of a choice stands over its preset", () => {
    expect(houseRulesFrom({})).toEqual({ ok: true, value: PRESETS.fillersTrueValue });
    expect(houseRulesFrom({ decimalMark: "point", preset: "commaBelow" })).toMatchObject({
      value: { decimalMark: "point", carryPlace: "below" },
    });
  });

  it("refuse what they do not know, by name", () => {
    expect(houseRulesFrom({ preset: "toString" })).toEqual({
      ok: false,
      error: { kind: "unknownPreset", given: "toString" },
    });
    for (const given of ["Carries", "", "__proto__x", "constructor"])
      expect(houseRulesFrom({ [given]: "above" })).toEqual({
        ok: false,
        error: { kind: "unknownSwitch", given },
      });
    for (const name of SWITCH_NAMES)
      expect(houseRulesFrom({ [name]: "somehow" })).toEqual({
        ok: false,
        error: { kind: "unknownSetting", switch: name, given: "somehow" },
      });
  });

  it("offer at least two settings for every switch, each once, and every preset has one of them", () => {
    for (const name of SWITCH_NAMES) {
      const settings: readonly string[] = SWITCHES[name];
      expect(settings.length).toBeGreaterThan(1);
      expect(new Set(settings).size).toBe(settings.length);
      for (const preset of PRESET_NAMES) expect(settings).toContain(PRESETS[preset][name]);
    }
  });
});
