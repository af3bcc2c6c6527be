/*
 * How Right Sum looks, in one place: the screen's styles (`src/app/tokens.css`, written by `npm run docs`), the pages that
 * stand without the application, and what is printed are made from these rows.
 */

/** A colour by day, by night (slate), and on printed paper, where that is another one. */
interface Colour {
  readonly day: string;
  readonly night: string;
  readonly print?: string;
}

/** The colours by their roles. */
const COLOURS = {
  paper: { day: "#f7f4ec", night: "#14191c" },
  page: { day: "#fffdf8", night: "#1b2226", print: "#ffffff" },
  squares: { day: "#c9d6dc", night: "#2f3c43", print: "#bccad1" },
  ink: { day: "#1f2a30", night: "#ece8dd" },
  soft: { day: "#566167", night: "#a9b3b5" },
  edge: { day: "#e2dccb", night: "#2c363b" },
  shade: { day: "#efe9dc", night: "#232c31" },
  plumb: { day: "#0e6b5c", night: "#5cc4ad" },
  "on-plumb": { day: "#ffffff", night: "#0d1a17" },
  pencil: { day: "#1d4e89", night: "#96c3f5" },
  rust: { day: "#a63d1f", night: "#f39a76" },
  straw: { day: "#80610c", night: "#e2c26a" },
  todo: { day: "#d9d2c0", night: "#3a464c" },
} as const satisfies Readonly<Record<string, Colour>>;
type Role = keyof typeof COLOURS;

/** The sizes of words, in pixels. What is written on squared paper has the size of its squares. */
const WORD_SIZES = { small: 13, note: 15, body: 17, lead: 20, title: 24, head: 28 } as const;

const ROLES: readonly (readonly [string, Colour])[] = Object.entries(COLOURS);

/** The colours as declarations of CSS, by day or by night. */
export const colourDeclarations = (when: "day" | "night"): string =>
  ROLES.map(([role, colour]) => `--${role}: ${colour[when]};`).join(" ");

/** A colour as it is printed. */
export function printedColour(role: Role): string {
  const colour: Colour = COLOURS[role];
  return colour.print ?? colour.day;
}

/** The file of styles that the application takes them from. */
export const tokensCss = (): string =>
  [
    "/* Written by npm run docs, from src/service/tokens.ts. */",
    ":root {",
    ...ROLES.map(([role, { day, night }]) => `  --${role}: light-dark(${day}, ${night});`),
    "}",
    "",
    "@theme inline {",
    "  --color-*: initial;",
    ...ROLES.map(([role]) => `  --color-${role}: var(--${role});`),
    "  --color-transparent: transparent;",
    "  --color-current: currentColor;",
    "  --text-*: initial;",
    ...Object.entries(WORD_SIZES).map(([name, pixels]) => `  --text-${name}: ${pixels}px;`),
    "}",
    "",
  ].join("\n");
