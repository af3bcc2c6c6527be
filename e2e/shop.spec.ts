import { INSTRUMENTS, positionAt, shareOfInstrument } from "../src/core/shop";
import { expect, expectAccessible, listening, test, testApart } from "./tutor";

test("a lesson in the shop by mouse: two things weighed and read, to the Board, then change at the till", async ({
  page,
}) => {
  await page.goto("/shop");
  await listening(page);
  const scale = page.getByRole("slider", { name: "Scale" });
  await expect(scale).toHaveAttribute("aria-valuetext", "At the 0.");
  const shelf = page.getByRole("region", { name: "The shelf" });
  await shelf.getByRole("button", { name: "stem", exact: true }).click();
  const words = (await scale.getAttribute("aria-valuetext")) ?? "";
  const [marks = "0", label = "0"] = words.match(/\d+/g) ?? [];
  // The reading is worked out from the marks, as a learner does: 10 g each.
  const grams = Number(label) + 10 * Number(marks);
  await page.getByLabel("The reading").fill(`${Number(label) + Number(marks)} g`);
  await page.getByRole("button", { name: "Check" }).click();
  await expect(page.getByRole("region", { name: "Read it" })).toContainText(
    "Each small mark is worth something else.",
  );
  await page.getByLabel("The reading").fill(`${grams} g`);
  await page.getByRole("button", { name: "Check" }).click();
  await expect(page.getByRole("region", { name: "Read it" })).toContainText("Right.");
  await page.getByRole("button", { name: "Put it on the list" }).click();
  // The hand goes where it is dragged to.
  const box = await scale.boundingBox();
  if (box === null) throw new Error("the scale is not drawn");
  await page.mouse.move(box.x + box.width / 2, box.y + 30);
  await page.mouse.down();
  await page.mouse.move(box.x + box.width - 20, box.y + box.height / 2, { steps: 6 });
  await page.mouse.up();
  await expect(scale).toHaveAttribute("aria-valuenow", "50");
  await page.getByRole("button", { name: "Put it on the list" }).click();
  await expect(page.getByRole("region", { name: "The list" }).getByRole("listitem")).toHaveText([
    `${grams} g`,
    "500 g",
  ]);
  await expectAccessible(page);
  await page.getByRole("link", { name: "All together" }).click();
  await page.waitForURL(/\/board\?problem=/);
  await expect(
    page
      .getByRole("heading", { name: new RegExp(`${grams} g`) })
      .or(page.getByText(`${grams} g + 500 g`))
      .first(),
  ).toBeVisible();
});

test("at the till by keyboard: the total, a note, change counted up, a drawer that is short, and the day balances", async ({
  page,
}) => {
  await page.goto("/shop?tool=till");
  await listening(page);
  const shelf = page.getByRole("region", { name: "The shelf" });
  const first = shelf.getByRole("button").nth(0);
  const second = shelf.getByRole("button").nth(3);
  const cents = (text: string | null): number => Math.round(100 * Number(/\$([\d.]+)/.exec(text ?? "")?.[1]));
  const total = cents(await first.textContent()) + cents(await second.textContent());
  // The drawer has no quarters today.
  await page.getByLabel("How many 25c").fill("0");
  await first.press("Enter");
  await second.press("Enter");
  await page.getByLabel("The total").fill(`$${((total + 100) / 100).toFixed(2)}`);
  await expect(page.getByText("Not the total yet.")).toBeVisible();
  await page.getByLabel("The total").fill(`$${(total / 100).toFixed(2)}`);
  await page.getByRole("button", { name: "$10 is handed over" }).press("Enter");
  const left = 1000 - total;
  expect(left).toBeGreaterThan(0);
  await page.getByRole("button", { name: "Can the drawer give it?" }).press("Enter");
  await expect(page.getByText(/^Fewest pieces: /)).toBeVisible();
  await page.getByRole("button", { name: /^Give \$5:/ }).press("Enter");
  await expect(page.getByText(/too much\.$/)).toBeVisible();
  await page.getByRole("button", { name: "Take $5 back" }).press("Enter");
  for (const [piece, name] of [
    [100, "$1"],
    [10, "10c"],
    [5, "5c"],
    [1, "1c"],
  ] as const) {
    const now = await page.getByLabel("Counted up").textContent();
    const reached = cents(now?.split("→").at(-1) ?? "");
    for (let times = Math.floor((1000 - reached) / piece); times > 0; times--)
      await page
        .getByRole("button", { name: new RegExp(`^Give ${name.replace("$", "\\$")}:`) })
        .press("Enter");
  }
  await expect(page.getByText(`The change is right: $${(left / 100).toFixed(2)}.`)).toBeVisible();
  await expectAccessible(page);
  await page.getByRole("button", { name: "Hand it over" }).press("Enter");
  const day = page.getByRole("region", { name: "The day" });
  await expect(day).toContainText("Sold in 1 sale");
  const float = cents(await day.getByText("Float at the start").textContent());
  await day.getByLabel("In the drawer now").fill(`$${((float + total) / 100).toFixed(2)}`);
  await day.getByRole("button", { name: "Check" }).press("Enter");
  await expect(day).toContainText("the day balances");
});

test("every instrument is drawn where it stands: what is measured in the picture is what is read", async ({
  page,
}) => {
  for (const { id, tool } of INSTRUMENTS.filter(({ tool }) => tool !== "stopwatch")) {
    await page.goto(`/shop?tool=${tool}`);
    await listening(page);
    const slider = page.getByRole("slider");
    const nth = INSTRUMENTS.filter((one) => one.tool === tool).findIndex((one) => one.id === id);
    const choices = page.getByRole("group", { name: "Which one" }).getByRole("button");
    if ((await choices.count()) > 1) await choices.nth(nth).click();
    const instrument = INSTRUMENTS.find((one) => one.id === id);
    if (instrument === undefined) continue;
    await slider.press("Home");
    for (let step = 0; step < 2; step++) await slider.press("PageUp");
    for (let step = 0; step < 3; step++) await slider.press("ArrowRight");
    const position = Number(await slider.getAttribute("aria-valuenow"));
    const share = await slider.evaluate((element, kind) => {
      const box = (name: string): DOMRect => {
        const found = element.querySelector(name);
        if (found === null) throw new Error(`${name} is not drawn`);
        return found.getBoundingClientRect();
      };
      const marks = [...element.querySelectorAll("[data-marks] path")].map((one) =>
        one.getBoundingClientRect(),
      );
      if (kind === "scale") {
        const hand = element.querySelector("[data-hand]")?.getAttribute("d") ?? "";
        const [x1 = 0, y1 = 0, x2 = 0, y2 = 0] = (hand.match(/-?[\d.]+/g) ?? []).map(Number);
        return (Math.atan2(x2 - x1, y1 - y2) / (2 * Math.PI) + 1) % 1;
      }
      const across = kind === "tape";
      const ends = marks.map((one) => (across ? one.x : one.y));
      const [least, most] = [Math.min(...ends), Math.max(...ends)];
      const strip = box(across ? "[data-strip]" : "[data-level]");
      return across ? (strip.right - least) / (most - least) : 1 - (strip.y - least) / (most - least);
    }, tool);
    const [from, to] = [shareOfInstrument(instrument, position), share];
    expect([id, positionAt(instrument, share), Math.abs(from - to) < 0.01]).toEqual([id, position, true]);
  }
});

testApart.describe("by touch", () => {
  testApart.use({ hasTouch: true, viewport: { width: 820, height: 1180 } });
  testApart("a jug is filled, read and sent to the Board", async ({ page }) => {
    await page.goto("/shop?tool=jug");
    await listening(page);
    const jug = page.getByRole("slider", { name: "Jug" });
    const box = await jug.boundingBox();
    if (box === null) throw new Error("the jug is not drawn");
    await page.touchscreen.tap(box.x + box.width / 2, box.y + box.height / 2);
    const words = (await jug.getAttribute("aria-valuetext")) ?? "";
    expect(words).toMatch(/after the \d+/);
    await page.getByRole("button", { name: "Show the value" }).tap();
    await page.getByRole("button", { name: "Put it on the list" }).tap();
    await page.getByRole("link", { name: "Three of them" }).tap();
    await page.waitForURL(/\/board\?problem=3/);
  });
});
