/** What a page's address asks for, by name; the first of each. */
export type Parameters = Promise<Record<string, string | string[] | undefined>>;

/** The parameters of an address, one text for each name. */
export const parametersOf = async (given: Parameters): Promise<Readonly<Record<string, string>>> =>
  Object.fromEntries(
    Object.entries(await given).flatMap(([name, value]) => {
      const first = [value].flat()[0];
      return first === undefined ? [] : [[name, first]];
    }),
  );
