/** How units are written after a number, what they are called, and several of them, and the words that are typed for them besides, in small letters. */
interface UnitWords {
  readonly symbol: string;
  readonly name: string;
  readonly names: string;
  readonly typed: readonly string[];
}

const unit = (symbol: string, name: string, names: string, ...typed: readonly string[]): UnitWords => ({
  symbol,
  name,
  names,
  typed,
});

export const UNIT_WORDS = {
  ton: unit("ton", "ton", "tons", "t", "tn"),
  st: unit("st", "stone", "stone", "stones"),
  lb: unit("lb", "pound", "pounds", "lbs"),
  oz: unit("oz", "ounce", "ounces"),
  mi: unit("mi", "mile", "miles"),
  yd: unit("yd", "yard", "yards", "yds"),
  ft: unit("ft", "foot", "feet"),
  in: unit("in", "inch", "inches", "ins"),
  gal: unit("gal", "gallon", "gallons", "gals"),
  qt: unit("qt", "quart", "quarts", "qts"),
  pt: unit("pt", "pint", "pints", "pts"),
  cup: unit("cup", "cup", "cups"),
  floz: unit("fl oz", "fluid ounce", "fluid ounces", "floz"),
  kg: unit("kg", "kilogram", "kilograms", "kilo", "kilos"),
  g: unit("g", "gram", "grams", "gr"),
  km: unit("km", "kilometre", "kilometres", "kilometer", "kilometers"),
  m: unit("m", "metre", "metres", "meter", "meters"),
  cm: unit("cm", "centimetre", "centimetres", "centimeter", "centimeters"),
  mm: unit("mm", "millimetre", "millimetres", "millimeter", "millimeters"),
  hL: unit("hL", "hectolitre", "hectolitres", "hectoliter", "hectoliters", "hl"),
  L: unit("L", "litre", "litres", "liter", "liters", "l"),
  mL: unit("mL", "millilitre", "millilitres", "milliliter", "milliliters", "ml"),
  week: unit("wk", "week", "weeks", "wks", "w"),
  day: unit("d", "day", "days"),
  h: unit("h", "hour", "hours", "hr", "hrs"),
  min: unit("min", "minute", "minutes", "mins"),
  s: unit("s", "second", "seconds", "sec", "secs"),
  deg: unit("°", "degree", "degrees", "deg"),
  arcmin: unit("′", "minute", "minutes", "arcmin"),
} as const satisfies Readonly<Record<string, UnitWords>>;
