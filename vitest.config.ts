import { fileURLToPath } from "node:url";
import { defineConfig } from "vitest/config";

/** A test file whose name says so has a process to itself, as it changes what others would find there. */
const ALONE = "src/**/*.alone.test.ts";

export default defineConfig({
  resolve: { alias: { "@": fileURLToPath(new URL("./src", import.meta.url)) } },
  test: {
    setupFiles: ["./vitest.setup.ts"],
    environment: "node",
    pool: "forks",
    // Nothing may fail because a machine is slow: the longest takes some ten seconds on a quiet one.
    testTimeout: 600_000,
    hookTimeout: 600_000,
    projects: [
      {
        extends: true,
        test: {
          name: "together",
          include: ["src/**/*.test.ts", "scripts/**/*.test.ts"],
          exclude: [ALONE],
          // The files of a process share what they import, which takes longer to load than most of them to run.
          isolate: false,
        },
      },
      { extends: true, test: { name: "alone", include: [ALONE], isolate: true } },
    ],
  },
});
