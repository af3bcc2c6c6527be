import { UNIT_WORDS } from "../vocabulary";

/**
 * The units that can be measured in. A *scale* is a family whose units are multiples of its smallest one.
 * Sizes are those of the US customary system (NIST Handbook 44, appendix C), of the stone of 14 pounds
 * (UK Weights and Measures Act 1985), and of the International System of Units.
 */
const SCALE_ROWS = {
  /** Ounces. */
  weight: { ton: 32000, st: 224, lb: 16, oz: 1 },
  /** Inches. */
  length: { mi: 63360, yd: 36, ft: 12, in: 1 },
  /** Fluid ounces. */
  volume: { gal: 128, qt: 32, pt: 16, cup: 8, floz: 1 },
  /** Grams. */
  mass: { kg: 1000, g: 1 },
  /** Millimetres. */
  metric: { km: 1_000_000, m: 1000, cm: 10, mm: 1 },
  /** Millilitres. */
  capacity: { hL: 100_000, L: 1000, mL: 1 },
  /** Seconds. */
  time: { week: 604_800, day: 86_400, h: 3600, min: 60, s: 1 },
  /** Minutes of arc. */
  angle: { deg: 60, arcmin: 1 },
} as const;

export type Scale = keyof typeof SCALE_ROWS;
export type UnitId = { [S in Scale]: keyof (typeof SCALE_ROWS)[S] }[Scale] & string;

/** What is measured on a scale, so that unlike things are never added. */
export const SCALE_KINDS: Readonly<Record<Scale, string>> = {
  weight: "weight",
  length: "length",
  volume: "volume",
  mass: "weight",
  metric: "length",
  capacity: "volume",
  time: "time",
  angle: "angle",
};

interface Unit {
  readonly id: UnitId;
  readonly scale: Scale;
  /** How many of the scale's smallest unit it is. */
  readonly size: bigint;
  /** How it is written after a number. */
  readonly symbol: string;
  /** What it is called, and several of it. */
  readonly name: string;
  readonly names: string;
  /** What else is typed for it, in small letters. */
  readonly typed: readonly string[];
}

/** Signs that are typed for a unit. */
const SIGNS: Readonly<Partial<Record<UnitId, readonly string[]>>> = {
  ft: ["'"],
  in: ['"', "″"],
};

const WORDS: Readonly<Record<UnitId, (typeof UNIT_WORDS)[UnitId]>> = UNIT_WORDS;

const isScale = (name: string): name is Scale => Object.hasOwn(SCALE_ROWS, name);
const isUnit = (name: string): name is UnitId => Object.hasOwn(WORDS, name);

/** Every unit, largest of its scale first. */
export const UNITS: readonly Unit[] = Object.entries(SCALE_ROWS).flatMap(([scale, sizes]) =>
  Object.entries(sizes).flatMap(([id, size]): readonly Unit[] => {
    if (!isScale(scale) || !isUnit(id)) return [];
    const { symbol, name, names, typed } = WORDS[id];
    return [{ id, scale, size: BigInt(size), symbol, name, names, typed: [...(SIGNS[id] ?? []), ...typed] }];
  }),
);

const BY_ID: ReadonlyMap<UnitId, Unit> = new Map(UNITS.map((unit) => [unit.id, unit]));

/** A unit by its id. */
export function unitOf(id: UnitId): Unit {
  const unit = BY_ID.get(id);
  if (unit === undefined) throw new Error(`unitOf: there is no ${id}`);
  return unit;
}

/** How many of the smaller unit make one of the larger; none where that is no whole number. */
export function rateBetween(larger: UnitId, smaller: UnitId): bigint | undefined {
  const [large, small] = [unitOf(larger), unitOf(smaller)];
  return large.scale === small.scale && large.size % small.size === 0n ? large.size / small.size : undefined;
}

/** The smaller units that a unit is parted into, the largest first; none for the smallest. Stones are only used where they are named. */
export function smallerUnits(id: UnitId): readonly UnitId[] {
  const { scale, size } = unitOf(id);
  return UNITS.filter((unit) => unit.scale === scale && unit.size < size && unit.id !== "st").map(
    (unit) => unit.id,
  );
}

/** The scales whose neighbouring units are powers of ten apart. */
export const isMetric = (scale: Scale): boolean =>
  scale === "mass" || scale === "metric" || scale === "capacity";

/** The words that two units have, with the one that is meant where nothing else is said. */
export const SHARED_WORDS: Readonly<Record<string, UnitId>> = { minute: "min", minutes: "min" };

/** The words by which a unit is typed, in small letters. */
export const wordsOfUnit = ({
  id,
  symbol,
  name,
  names,
  typed,
}: (typeof UNITS)[number]): readonly string[] => [
  ...new Set([symbol, name, names, id, ...typed].map((word) => word.toLowerCase())),
];

const TYPED: ReadonlyMap<string, UnitId> = new Map([
  ...UNITS.flatMap((unit) => wordsOfUnit(unit).map((word): [string, UnitId] => [word, unit.id])),
  ...Object.entries(SHARED_WORDS),
]);

/** The unit that a typed word means; none for other words. `′` is a foot unless degrees stand before it. */
export const unitTyped = (word: string): UnitId | undefined => TYPED.get(word.toLowerCase());
