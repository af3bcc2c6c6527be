/** Ends with one clear line. */
export function stop(line: string): never {
  console.error(line);
  process.exit(1);
}
