/** What is on its way to be kept. What can be called off only asks. */
const underway = new Set<Promise<unknown>>();

/** Counts something among what is on its way, until it is answered for. */
export function noteUnderway(sending: Promise<unknown>): void {
  underway.add(sending);
  const over = (): void => void underway.delete(sending);
  void sending.then(over, over);
}

/** Ends when all that is on its way to be kept has been answered for. */
export const allSent = (): Promise<unknown> => Promise.all(underway);
