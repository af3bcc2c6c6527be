/** Tables and code in the docs. */
export const table = (head: readonly string[], rows: readonly (readonly (string | number)[])[]): string =>
  [head, head.map(() => "---"), ...rows].map((cells) => `| ${cells.join(" | ")} |`).join("\n");

export const code = (text: string): string => `\`${text}\``;
