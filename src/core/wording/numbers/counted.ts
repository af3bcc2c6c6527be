/** How often something goes or is taken: once, twice, 3 times. */
export function oftenWords(times: bigint | number): string {
  const count = BigInt(times);
  return count === 1n ? "once" : count === 2n ? "twice" : `${count} times`;
}

/** So many of something, in digits, by its name for one or for several: 1 ten, 2 tens. */
export const countedBy = (count: bigint | number, one: string, several: string): string =>
  `${count} ${BigInt(count) === 1n ? one : several}`;

/** `a tenth`, `an hour`: the article that a word takes, by the sound it begins with as far as its letters tell. */
export const withArticle = (word: string): string => `${/^(?:[aeio]|hour)/i.test(word) ? "an" : "a"} ${word}`;
