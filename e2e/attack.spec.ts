import { expect, test } from "@playwright/test";
import { ATTACKS } from "./attack/all";

/** A tenth of what `npm run attack` tries. */
const SHARE = 0.1;

for (const [name, attack] of Object.entries(ATTACKS))
  test(`an attack finds nothing: ${name}`, async () => {
    test.slow();
    const found = await attack(SHARE, 2026);
    expect(found.flatMap(({ part, fellShort }) => fellShort.map((line) => `${part}: ${line}`))).toEqual([]);
    for (const { part, tried } of found) expect(tried, part).toBeGreaterThan(0);
  });
