import { chromium } from "@playwright/test";
import { startServer } from "../e2e/server";
import config from "../playwright.config";
import { PRESETS } from "../src/core/house";
import { answerOf } from "../src/core/methods";
import { writeAnswer } from "../src/core/problem";
import {
  coveringKinds,
  drawStories,
  drawStory,
  STORY_KINDS,
  STORY_PATTERN_IDS,
  type Story,
  type StoryPatternId,
  wantedWhole,
  wrongLines,
} from "../src/core/stories";
import { storySheetAccounts } from "../src/core/storyMarking";
import { evenChances } from "../src/core/testing/learners";
import { WORKSHOP, wordedStory } from "../src/core/wording";
import { quantile } from "./browser";

/**
 * How long stories take, how many learners with a pattern of stories are named within a sheet of eight, and how long a
 * drag in the shop keeps a frame.
 */
const house = PRESETS.fillersTrueValue;
const LEARNERS = 40;
const CARELESS = 0.1;

function told() {
  const times: number[] = [];
  for (const { id } of STORY_KINDS)
    for (let seed = 0; seed < 40; seed++) {
      const from = performance.now();
      const drawn = drawStory(id, WORKSHOP, house, seed);
      if (drawn.ok) wordedStory(drawn.value, house);
      times.push(performance.now() - from);
    }
  const from = performance.now();
  const kinds = STORY_KINDS.map(({ id }) => id);
  const thousand = drawStories(kinds, 1000, WORKSHOP, house, 5).map((story) => wordedStory(story, house));
  return {
    kinds: STORY_KINDS.length,
    p50: quantile(times, 0.5),
    p95: quantile(times, 0.95),
    most: quantile(times, 1),
    thousand: thousand.length,
    thousandMs: Math.round(performance.now() - from),
  };
}

/** What a learner with a pattern answers to a story. */
function answering(story: Story, pattern: StoryPatternId | undefined): string {
  const { answer } = story.working;
  const wrong = wrongLines(story).find((one) => one.pattern === pattern);
  if (wrong !== undefined) return writeAnswer(answerOf(wrong.problem, house), house);
  const whole = wantedWhole(story);
  if (whole !== undefined && answer.kind === "remainder") {
    const down = BigInt(answer.quotient.whole);
    const other = whole > down ? down : down + 1n;
    return String(pattern === "remainder-against-sense" ? other : whole);
  }
  return writeAnswer(answer, house);
}

function named() {
  const chance = evenChances(23);
  const kinds = coveringKinds(8);
  return STORY_PATTERN_IDS.map((pattern) => {
    let hits = 0;
    for (let learner = 0; learner < LEARNERS; learner++) {
      const answers = drawStories(kinds, 8, WORKSHOP, house, 7919 * learner + 3).map((story) => ({
        story,
        said: answering(story, chance() < CARELESS ? undefined : pattern),
      }));
      if (storySheetAccounts(answers, house)[0]?.pattern === pattern) hits += 1;
    }
    return { pattern, named: hits / LEARNERS };
  });
}

/** Milliseconds from a move of the pointer to the moment after its frame was painted, for each tool that is dragged. */
async function dragging() {
  const server = await startServer();
  const browser = await chromium.launch(config.use?.launchOptions ?? {});
  try {
    const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
    const rows: { readonly tool: string; readonly p50: number; readonly p95: number }[] = [];
    for (const tool of ["scale", "jug", "tape", "thermometer"]) {
      await page.goto(`${server.url}/shop?tool=${tool}`);
      const slider = page.getByRole("slider");
      await slider.waitFor();
      await page.waitForTimeout(500);
      await slider.evaluate((element) => {
        const times: number[] = [];
        Object.assign(window, { times });
        // The time that the move keeps the thread, from its handlers to the end of the style and layout it needs.
        window.addEventListener(
          "pointermove",
          () => {
            const from = performance.now();
            setTimeout(() => {
              element.getBoundingClientRect();
              times.push(performance.now() - from);
            });
          },
          { capture: true },
        );
      });
      const box = await slider.boundingBox();
      if (box === null) continue;
      const at = (share: number): readonly [number, number] => [
        box.x + box.width * (0.2 + 0.6 * share),
        box.y + box.height * (0.2 + 0.6 * share),
      ];
      await page.mouse.move(...at(0));
      await page.mouse.down();
      for (let step = 1; step <= 150; step++) await page.mouse.move(...at(((step * 7) % 150) / 150));
      await page.mouse.up();
      const times = await page.evaluate(() => {
        const found: unknown = Reflect.get(window, "times");
        return Array.isArray(found) ? found.map(Number) : [];
      });
      rows.push({ tool, p50: quantile(times, 0.5), p95: quantile(times, 0.95) });
    }
    return rows;
  } finally {
    await browser.close();
    await server.remove();
  }
}

/** All of it. */
export const measureStories = async () => ({ told: told(), named: named(), dragging: await dragging() });
