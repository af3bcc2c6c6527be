const LETTERS = "abcdefghijklmnopqrstuvwxyz0123456789";

/** A new id, from the machine's random source: 20 letters and digits. */
export const newId = (): string =>
  Array.from(crypto.getRandomValues(new Uint8Array(20)), (byte) => LETTERS[byte % LETTERS.length]).join("");
