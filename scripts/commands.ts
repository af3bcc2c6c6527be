import { runsInTest } from "@/core/testing/runs";

/** The commands for developers: what each does, and how much of it `npm test` has. The README lists them; docs/testing.md those that try something. */
interface Command {
  readonly run: string;
  readonly does: string;
  /** What `npm test` has of it; none for what is no test. */
  readonly inTest?: string;
}

export const COMMANDS: readonly Command[] = [
  { run: "npm run dev", does: "the application, reloading as you write" },
  {
    run: "npm run test:unit",
    does: "the unit tests alone; `npm run test:e2e` those of the browser",
    inTest: "all of it",
  },
  {
    run: "npm run test:whole",
    does: "all tests, each property with all its runs, each place gone through by axe at every size",
    inTest: "a quarter of the runs of the properties listed below",
  },
  {
    run: "npm run test:times",
    does: "all tests, and what each part and the slowest files cost; on a machine that does nothing else",
    inTest: "the tests themselves",
  },
  { run: "npm run format", does: "formats, and mends what the linter can" },
  {
    run: "npm run fuzz",
    does: "20,000 random problems for every method against independent arithmetic",
    inTest: `${runsInTest("everyWorking")} of each method (\`everyWorking\`)`,
  },
  {
    run: "npm run claims",
    does: "what 2,000 workings of every method say, read back and worked out again",
    inTest: `${runsInTest("linesSaid")} of each method in each preset (\`linesSaid\`)`,
  },
  {
    run: "npm run papers",
    does: "how papers are read that were written as people write them, 400 of each kind ([docs/your-turn.md](docs/your-turn.md))",
    inTest: "160 of each kind",
  },
  { run: "npm run pen-keys", does: "how many keys a stroke of the pen costs on the learner’s board" },
  {
    run: "npm run kills",
    does: "kills a server 200 times while it is worked with, and looks at what it had kept",
    inTest: "a server killed in three browser tests",
  },
  {
    run: "npm run attack",
    does: "what an outsider would try on a server, counted: doors, bodies, windows, restores, texts, folders ([docs/security.md](docs/security.md))",
    inTest: "a tenth of it",
  },
  {
    run: "npm run memory",
    does: "what Right Sum takes of a machine’s memory: ten clients for ten minutes, and ten years of records out and in again",
  },
  {
    run: "npm run measure",
    does: "how well every error pattern is told by single answers and by sheets",
    inTest: "a sheet of ten for each pattern",
  },
  {
    run: "npm run sheets-bench",
    does: "how long sheets, twins, probes and PDFs take, and how well probes and stories name what learners have",
    inTest: "smaller pools of every strand",
  },
  { run: "npm run bench", does: "how fast it is" },
  { run: "npm run docs", does: "writes the listed parts of the docs" },
  { run: "npm run docs:measured", does: "the same, with what the benches and `test:times` measured last" },
  { run: "npm run screenshots", does: "takes the pictures of the docs anew" },
  { run: "npm run migration -- --name what_changes", does: "a migration from `src/data/schema.ts`" },
];
