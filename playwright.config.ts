import os from "node:os";
import { defineConfig } from "@playwright/test";

// One computing thread a process is enough for one tutor.
process.env.RIGHT_SUM_THREADS ??= "1";

export default defineConfig({
  testDir: "e2e",
  fullyParallel: true,
  // Much of a test waits for a page, so that two keep two processors busy.
  workers: Math.max(2, Math.floor(os.availableParallelism() / 2)),
  // Nothing may fail because a machine is slow: the longest test takes some 20 seconds on a quiet one, and what is waited for comes within two.
  timeout: 600_000,
  expect: { timeout: 60_000 },
  outputDir: "test-results",
  use: {
    viewport: { width: 1280, height: 800 },
    // Else whoever waits for what never comes waits for as long as the whole test may take.
    actionTimeout: 120_000,
    navigationTimeout: 120_000,
    launchOptions: {
      executablePath: process.env.CHROMIUM ?? "/usr/bin/chromium-headless-shell",
      args: [
        "--disable-quic",
        "--disable-background-networking",
        "--disable-component-update",
        "--disable-sync",
        "--no-first-run",
        ...(process.getuid?.() === 0 ? ["--no-sandbox"] : []),
      ],
    },
  },
});
