import { type PatternId, patternResults } from "@/core/errorPatterns";
import type { HouseChoices } from "@/core/house";
import { choicesFor, learnerTaskOf, wrongWayOf } from "@/core/learnerTask";
import type { MethodId } from "@/core/methods";
import { skillsShowing } from "@/core/probes";
import { readProblem } from "@/core/problem";
import { makeBackup } from "@/data/backup/backups";
import { exportDocument } from "@/data/backup/exportDocument";
import { examineFile } from "@/data/backup/health";
import { importDocument } from "@/data/backup/importDocument";
import { prepareRestore } from "@/data/backup/restore";
import {
  accountForStories,
  explainedRequested,
  markStoryWork,
  methodsRequested,
  nextProbe,
  ownSheet,
  probeRequested,
  rowsRequested,
  samplesOfOwnRung,
  sheetRequested,
  skillsShown,
  storiesRequested,
  storyProbeShown,
  storyRecord,
  storyShown,
  twinsRequested,
  workJson,
  workOwnStory,
  workRequested,
} from "@/service/requests";
import { markHandedIn } from "@/service/requests/marking/handIn";
import {
  chancesOf,
  houseGiven,
  markAnswers,
  rightAnswers,
  summarise,
} from "@/service/requests/marking/marking";
import { methodSample, thumbnails } from "./drawings";
import { sheetPrinted, sheetWritten } from "./sheetPrinted";
import { switchSamples } from "./switchSamples";

/** The most skills that a sheet on some patterns mixes. */
const MOST_FOLLOWED = 3;

/** What can be large and is computed away from the thread that answers requests. */
export const COMPUTING = {
  markAnswers,
  rightAnswers,
  summarise,
  markHandedIn,
  explain: explainedRequested,
  methods: methodsRequested,
  twins: twinsRequested,
  sheet: sheetRequested,
  sheetRows: rowsRequested,
  samplesOfOwnRung,
  ownSheet,
  probe: probeRequested,
  nextProbe,
  workOwnStory,
  stories: storiesRequested,
  accountForStories,
  storyRecord,
  storyProbeShown,
  storyShown,
  markStoryWork,
  skillsShowing: ({
    patterns,
    house,
  }: {
    readonly patterns: readonly PatternId[];
    readonly house: HouseChoices;
  }) => skillsShowing(patterns, houseGiven(house), MOST_FOLLOWED),
  skillsShown,
  sheetPrinted,
  sheetWritten,
  work: (request: Parameters<typeof workRequested>[0]) => {
    const working = workRequested(request);
    return working.ok ? ({ ok: true, value: workJson(working.value) } as const) : working;
  },
  /** The tempting wrong ways of a problem that reads, and one of them replayed; `patterns` empty for the first. */
  wrongWay: ({
    line,
    house: choices,
    patterns,
    given,
  }: {
    readonly line: string;
    readonly house: HouseChoices;
    readonly patterns: readonly PatternId[];
    readonly given: string | undefined;
  }) => {
    const house = houseGiven(choices);
    const problem = readProblem(line, house);
    if (!problem.ok) throw new Error("wrongWay: the problem was read before");
    const found = choicesFor(patternResults(problem.value, house), house);
    const asked = patterns.length > 0 ? patterns : (found[0]?.patterns ?? []);
    return { choices: found, patterns: asked, way: wrongWayOf(problem.value, house, asked, given) };
  },
  thumbnails,
  switchSamples,
  methodSample,
  /** A problem that reads, as the learner's board needs it. */
  turn: ({
    line,
    house: choices,
    fixed,
  }: {
    readonly line: string;
    readonly house: HouseChoices;
    readonly fixed: MethodId | undefined;
  }) => {
    const house = houseGiven(choices);
    const problem = readProblem(line, house);
    if (!problem.ok) throw new Error("turn: the problem was read before");
    return learnerTaskOf(problem.value, house, fixed);
  },
};

/** What is done with whole files, and may take seconds: on a thread of its own, so that no answer waits for it. */
export const FILING = {
  backUp: ({
    folder,
    reason,
    now,
  }: {
    readonly folder: string;
    readonly reason: Parameters<typeof makeBackup>[1];
    readonly now: Date;
  }) => makeBackup(folder, reason, now),
  check: ({ file }: { readonly file: string }) => examineFile(file, "integrity_check"),
  exportTo: ({ file, out, now }: { readonly file: string; readonly out: string; readonly now: Date }) =>
    exportDocument(file, out, now),
  importFrom: ({ json, file }: { readonly json: string; readonly file: string }) =>
    importDocument(json, file, chancesOf),
  prepareRestore: ({ folder, from }: { readonly folder: string; readonly from: string }) =>
    prepareRestore(folder, from),
};

export type Computing = typeof COMPUTING;
export type Filing = typeof FILING;
