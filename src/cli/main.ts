import { createInterface } from "node:readline";
import { commandLine } from "./commandLine";
import { NOT_WORKED } from "./terminal";

// Whoever reads may stop before the end, as `head` does: then there is nobody left to tell anything.
process.stdout.on("error", ({ code, message }: NodeJS.ErrnoException) => {
  if (code === "EPIPE") process.exit(0);
  console.error(`What was asked for could not be written: ${message}.`);
  process.exit(NOT_WORKED);
});

process.exitCode = await commandLine(process.argv.slice(2), {
  print: (text) => {
    process.stdout.write(`${text}\n`);
  },
  complain: (text) => console.error(text),
  lines: () => createInterface({ input: process.stdin }),
});
