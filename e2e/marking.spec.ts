import { startServer } from "./server";
import { expect, expectAccessible, listening, test } from "./tutor";

const SUBTRACTIONS = ["53.2 − 17.8", "12.03 − 4.578", "403 − 127", "6.24 − 3.58", "705 − 231"];

const setUp = async (
  page: import("@playwright/test").Page,
  problems: readonly string[],
  names: readonly string[],
) => {
  const problem = page.getByRole("textbox", { name: "Next problem" });
  for (const line of problems) {
    await problem.fill(line);
    await page.keyboard.press("Enter");
  }
  const learner = page.getByRole("combobox", { name: "Next learner" });
  for (const name of names) {
    await learner.fill(name);
    await page.keyboard.press("Enter");
    await expect(page.getByRole("columnheader", { name: new RegExp(name) })).toBeVisible();
  }
};

test("a sheet is marked by keyboard alone, each wrong answer with its likeliest pattern, all of them with one cause", async ({
  page,
}) => {
  await page.goto("/marking");
  await setUp(page, SUBTRACTIONS, ["Marek"]);
  await page.getByRole("textbox", { name: "Marek, 53.2 − 17.8" }).focus();
  for (const answer of ["44.6", "12.548", "324", "3.34", "474"]) {
    await page.keyboard.type(answer);
    await page.keyboard.press("Enter");
  }
  await expect(page.getByText("✗ The smaller digit is taken from the larger in each column")).toHaveCount(4);
  await expect(page.getByText("✓ right")).toHaveCount(1);
  const sheet = page.getByRole("region", { name: "Marek on this sheet" });
  await page.getByRole("textbox", { name: "Marek, 403 − 127" }).focus();
  await expect(sheet).toContainText("One cause for all of them");
  await expect(sheet).toContainText("4 of 5, steady");
  await expectAccessible(page);

  // The tutor picks another explanation by keyboard, and writes a note of their own.
  await page.getByRole("textbox", { name: "Marek, 6.24 − 3.58" }).focus();
  const note = page.getByRole("textbox", { name: "Your own note" });
  await note.fill("Says it aloud rightly, writes it wrongly");
  await page.keyboard.press("Enter");
  await expect(page.getByText("✗ Says it aloud rightly, writes it wrongly")).toBeVisible();
  await expect(page.getByText("Kept", { exact: true })).toBeVisible();

  await page.reload();
  await listening(page);
  await expect(page.getByRole("textbox", { name: "Marek, 12.03 − 4.578" })).toHaveValue("12.548");
  await expect(page.getByText("✗ Says it aloud rightly, writes it wrongly")).toBeVisible();
  await page.getByRole("textbox", { name: "Marek, 12.03 − 4.578" }).focus();
  await page.getByRole("link", { name: "Replay it" }).first().click();
  await expect(page.getByRole("heading", { name: "The wrong way" })).toBeVisible();
});

test("a row and a learner that are taken away come back with their answers and notes", async ({ page }) => {
  await page.goto("/marking");
  await setUp(page, SUBTRACTIONS.slice(0, 3), ["Vito"]);
  const answer = (problem: string) => page.getByRole("textbox", { name: `Vito, ${problem}` });
  await answer("53.2 − 17.8").focus();
  for (const typed of ["44.6", "7.452", "324"]) {
    await page.keyboard.type(typed);
    await page.keyboard.press("Enter");
  }
  await answer("403 − 127").focus();
  await page.getByRole("textbox", { name: "Your own note" }).fill("Borrowing over the zero");
  await page.keyboard.press("Enter");
  await expect(page.getByText("✗ Borrowing over the zero")).toBeVisible();
  await page.getByRole("button", { name: "Take away row 2" }).click();
  await expect(answer("12.03 − 4.578")).toHaveCount(0);
  await expect(answer("403 − 127")).toHaveValue("324");
  await expect(page.getByText("✗ Borrowing over the zero")).toBeVisible();
  await page.getByRole("button", { name: "Undo" }).click();
  await expect(answer("12.03 − 4.578")).toHaveValue("7.452");
  await expect(answer("403 − 127")).toHaveValue("324");
  await page.getByRole("button", { name: "Take Vito off this sheet" }).click();
  await expect(answer("403 − 127")).toHaveCount(0);
  await page.getByRole("button", { name: "Undo" }).click();
  await expect(answer("403 − 127")).toHaveValue("324");
  await expect(page.getByText("Kept", { exact: true })).toBeVisible();
  await page.reload();
  await listening(page);
  await expect(answer("53.2 − 17.8")).toHaveValue("44.6");
  await expect(answer("12.03 − 4.578")).toHaveValue("7.452");
  await expect(page.getByText("✗ Borrowing over the zero")).toBeVisible();
});

test("answers of every kind are read as on the Board, and unfinished forms told from wrong ones", async ({
  page,
}) => {
  await page.goto("/marking");
  await setUp(page, ["2 1/2 + 3/4", "6 lb 3 oz + 8 oz", "$4.07 + $0.43"], ["Wanda"]);
  await page.getByRole("textbox", { name: "Wanda, 2 1/2 + 3/4" }).focus();
  for (const answer of ["13/4", "6 lb 11", "$4.5"]) {
    await page.keyboard.type(answer);
    await page.keyboard.press("Enter");
  }
  await expect(page.getByText("✓ not yet a mixed number")).toBeVisible();
  await expect(page.getByText("✓ its unit is missing")).toBeVisible();
  await expect(page.getByText("✓ not written as money is, with its sign and two places")).toBeVisible();
});

test("a pasted column fills the sheet; garbage in it is kept and told", async ({ page, context }) => {
  await context.grantPermissions(["clipboard-read", "clipboard-write"]);
  await page.goto("/marking");
  await setUp(page, SUBTRACTIONS, ["Pim", "Quin"]);
  await page.getByRole("textbox", { name: "Pim, 53.2 − 17.8" }).focus();
  await page.evaluate(() =>
    navigator.clipboard.writeText("35.4\t44.6\n7.452\t???\n276\t324\n2.66\t\n474\t534\n1\t2"),
  );
  await page.keyboard.press("Control+v");
  await expect(page.getByText("✓ right")).toHaveCount(5);
  await expect(page.getByText("can’t be read", { exact: true })).toHaveCount(1);
  await expect(page.getByRole("textbox", { name: "Quin, 12.03 − 4.578" })).toHaveValue("???");
  await expect(page.getByText("2 pasted answers reach past the sheet")).toBeVisible();
  await page.getByRole("textbox", { name: "Next problem" }).fill("12..3");
  await page.keyboard.press("Enter");
  await expect(page.getByText("This number has a second point.")).toBeVisible();
  await expect(page.getByRole("textbox", { name: "Next problem" })).toHaveValue("12..3");
});

test("a sheet is read from CSV and saved as one", async ({ page }) => {
  await page.goto("/marking");
  const file = (text: string) => ({ name: "sheet.csv", mimeType: "text/csv", buffer: Buffer.from(text) });
  const field = page.getByLabel("Read CSV");
  await field.setInputFiles(file("problem,Rosa\nnonsense,3\n"));
  const preview = page.getByRole("dialog");
  await expect(preview).toContainText("Line 2, “nonsense”");
  await expectAccessible(page);
  await page.getByRole("button", { name: "Leave the sheet as it is" }).click();
  await expect(page.getByRole("columnheader", { name: /Rosa/ })).toHaveCount(0);
  await field.setInputFiles(file('problem,Rosa\n"4.7 + 3.8",8.5\n"386 + 247",523\n'));
  await expect(preview).toContainText("2 problems, 1 learner, 2 answers. Nothing is on the sheet yet.");
  await page.getByRole("button", { name: "Put it on the sheet" }).click();
  await expect(page.getByText("✗ The ten is thrown away")).toBeVisible();
  await expect(page.getByText("✓ right")).toBeVisible();
  const [download] = await Promise.all([
    page.waitForEvent("download"),
    page.getByRole("button", { name: "Save CSV" }).click(),
  ]);
  const chunks: Buffer[] = [];
  for await (const chunk of await download.createReadStream()) chunks.push(Buffer.from(chunk));
  expect(Buffer.concat(chunks).toString("utf8").split("\r\n")).toEqual([
    "problem,right answer,Rosa,Rosa: marked",
    "4.7 + 3.8,8.5,8.5,right",
    "386 + 247,633,523,wrong: add-no-carry",
  ]);
});

test("nothing is lost where the window closes halfway or the server is killed", async ({ page, context }) => {
  const server = await startServer();
  try {
    await page.goto(`${server.url}/marking`);
    await setUp(page, ["4.7 + 3.8", "386 + 247"], ["Sol"]);
    await page.getByRole("textbox", { name: "Sol, 4.7 + 3.8" }).focus();
    await page.keyboard.type("8.5");
    await page.keyboard.press("Enter");
    await page.keyboard.type("52");
    await expect(page.getByText("✓ right")).toBeVisible();
    const address = page.url();
    await page.close({ runBeforeUnload: true });
    const again = await context.newPage();
    await expect(async () => {
      await again.goto(address);
      await expect(again.getByRole("textbox", { name: "Sol, 386 + 247" })).toHaveValue("52", {
        timeout: 500,
      });
    }).toPass();
    await server.kill();
    await server.start();
    await again.goto(address);
    await expect(again.getByRole("textbox", { name: "Sol, 4.7 + 3.8" })).toHaveValue("8.5");
    await expect(again.getByRole("textbox", { name: "Sol, 386 + 247" })).toHaveValue("52");
  } finally {
    await server.remove();
  }
});

test("learners are named, renamed, taken off and brought back", async ({ page }) => {
  await page.goto("/learners");
  await page.getByRole("textbox", { name: "Name of a new learner" }).fill("Tilda");
  await page.keyboard.press("Enter");
  await expect(page.getByRole("link", { name: /^Tilda/ })).toBeVisible();
  await page.getByRole("button", { name: "Rename Tilda" }).click();
  await page.getByRole("textbox", { name: "New name" }).fill("Tilda K.");
  await page.keyboard.press("Enter");
  await expect(page.getByRole("link", { name: /^Tilda K\./ })).toBeVisible();
  await page.getByRole("button", { name: "Take Tilda K. off the list" }).click();
  await expect(page.getByRole("link", { name: /^Tilda K\./ })).toHaveCount(0);
  await page.getByRole("button", { name: "Undo" }).click();
  await expect(page.getByRole("link", { name: /^Tilda K\./ })).toBeVisible();
  await expectAccessible(page);
});

test("a program gets an answer explained, or an error", async ({ request }) => {
  const explained = await request.post("/api/explain", {
    data: { problem: "8 - 3.45", given: "5.45" },
  });
  expect(explained.status()).toBe(200);
  const { verdict, explanations, separating } = await explained.json();
  expect(verdict).toBe("wrong");
  expect(explanations[0].patterns).toEqual(["sub-column-gap"]);
  expect(separating.patterns).toHaveLength(2);
  expect(
    (await request.post("/api/explain", { data: { problem: "4.7 + 3.8", given: "8.50" } })).status(),
  ).toBe(200);
  const bad = await request.post("/api/explain", { data: { problem: "4.7 + 3.8", given: "blue" } });
  expect(bad.status()).toBe(422);
  expect((await bad.json()).error.code).toBe("given.letters");
  expect((await request.post("/api/marking/nosheet", { data: {} })).status()).toBe(404);
  expect((await request.get("/api/marking/abcdefghijkl?since=0")).status()).toBe(404);
});
