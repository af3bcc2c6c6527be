import { expect, expectAccessible, listening, test } from "./tutor";
import { goTo, open, soFar, writePaper } from "./writePaper";

/** Of every kind one paper that is right in a way of its own, and one with an error in it. */
const KINDS = [
  [
    "addition",
    "386 + 247.5",
    `
 247.5
+386
------
 633.5`,
    `
 386
+247.5
------
 623.5`,
    /Look again at the tens: 2/,
  ],
  [
    "subtraction",
    "53.2 − 17.8",
    `
 53.2
-17.8
-----
 35.4

 35.4
+17.8
-----
 53.2`,
    `
 17.8
-53.2
-----
 44.6`,
    /17.8 stands on top/,
  ],
  [
    "long multiplication",
    "46 × 23",
    `
  46
× 23
----
 920
 138
----
1058`,
    `
  46
× 23
----
 138
  92
----
 230`,
    /The row 92 does not stand in its places/,
  ],
  [
    "area in parts",
    "23 × 14",
    `
    20  3
10 200 30
 4  80 12

200+30=230
80+12=92
230+92=322`,
    `
    20  3
10 200 30
 4  80 13`,
    /Look again/,
  ],
  [
    "long division",
    "624 ÷ 6",
    `
624:6=104
6
-
024
 24
 --
  0`,
    `
624:6=14`,
    /Look again before the 4 of the quotient/,
  ],
  [
    "short division",
    "8.61 ÷ 7",
    `
7|8.61
 ---
 1.23`,
    `
7|8.61
 ---
 1.33`,
    /Look again where 3 is written/,
  ],
  [
    "fractions",
    "2/3 + 3/4",
    `
2  16
_ =__
3  24
3  18
_ =__
4  24
16 18 34    10
__+__=__ =1 __
24 24 24    24`,
    `
2 3 5
_+_=_
3 4 7`,
    /Look again where 7 is written/,
  ],
  [
    "signed numbers",
    "6 − 9 + 4",
    `
6-9=-3
-3+4=1`,
    `
6-9=3`,
    /Look again at the sign of 3/,
  ],
  [
    "money",
    "$10 − $6.35",
    `
6.35+0.05=6.40
6.40+0.60=7
7+3=10
0.05+0.60+3=3.65`,
    `
6.35+0.05=6.50`,
    /Look again where 5 is written/,
  ],
  [
    "units",
    "3 ft 8 in + 2 ft 9 in",
    `
8+9=17
17-12=5
3+2+1=6`,
    `
8+9=18`,
    /Look again where 8 is written/,
  ],
  [
    "chains",
    "3 × 4 + 5",
    `
3×4=12+5=17`,
    `
3×4+5
=13+5`,
    /Look again where 13 is written/,
  ],
] as const;

for (const [kind, problem, right, wrong, told] of KINDS) {
  test(`${kind}: what is right in its own way is left in peace, an error is told at its mark`, async ({
    page,
  }) => {
    await open(page, problem);
    await writePaper(page, right);
    await page.keyboard.press("Control+Enter");
    await expect(soFar(page)).toContainText(/is well|right so far|That answers it|The value is right/);
    await expect(soFar(page)).not.toContainText("Look again");
    await page.evaluate(() => localStorage.clear());
    await open(page, problem);
    await writePaper(page, wrong);
    await page.keyboard.press("Control+Enter");
    await expect(soFar(page)).toContainText(told);
    await expectAccessible(page);
  });
}

test("a test can’t be cheated: no hint, no word, and a reload keeps it shut", async ({ page }) => {
  await open(page, "53.2 − 17.8");
  await page.getByRole("button", { name: "How it is set" }).click();
  await page.getByRole("button", { name: "None: a test" }).click();
  await page.keyboard.press("Escape");
  await page.getByRole("img", { name: /^Your paper/ }).click();
  await writePaper(page, "\n 53.2\n-17.8\n-----\n    6");
  for (const _ of [1, 2, 3]) await page.keyboard.press("h");
  await expect(soFar(page)).toContainText("Work as on paper");
  await expect(page.getByRole("button", { name: /hint/ })).toHaveCount(0);
  await page.reload();
  await listening(page);
  await expect(soFar(page)).toContainText("Work as on paper");
  await page.keyboard.press("h");
  await expect(page.getByText("Write 4")).toHaveCount(0);
});

test("lattice: the tens may stay empty, and a wrong fact is told at its square", async ({ page }) => {
  const press = async (keys: string): Promise<void> => {
    for (const key of keys.split(" ")) await page.keyboard.press(key);
  };
  await open(page, "23 × 14", "&method=lattice&fixed=1");
  await press("2 3 ArrowDown 1 ArrowLeft ArrowDown 4");
  await goTo(page, 3, 3);
  // Two and three are written without their empty tens; eight too.
  await press("g Space 2 Space 3 Space 8 1 2");
  await expect(soFar(page)).toContainText("All is well so far.");
  await goTo(page, 4, 5);
  await press("2 ArrowLeft ArrowLeft 2 ArrowLeft ArrowLeft ArrowUp 3");
  await press("Control+Enter");
  await expect(soFar(page)).not.toContainText("Look again");
  await page.locator("body").click({ position: { x: 5, y: 5 } });
  await goTo(page, 4, 4);
  await press("Backspace 3");
  await expect(soFar(page)).toContainText("Look again where 3 is written");
});

test("what stands in the margin is nobody’s but the learner’s", async ({ page }) => {
  await open(page, "12 + 3");
  await writePaper(page, "\n 12\n+ 3\n----\n 15");
  for (let nth = 0; nth < 8; nth++) await page.keyboard.press("ArrowLeft");
  await expect(page.getByRole("img", { name: /^Your paper, in the margin/ })).toBeVisible();
  for (const key of ["2", "+", "2", "=", "5"]) await page.keyboard.press(key);
  await page.keyboard.press("Control+Enter");
  await expect(soFar(page)).toContainText("All is well: that answers it.");
});

test("what is given stays, and the paper goes on living after it is handed in", async ({ page }) => {
  await open(page, "12 + 3");
  await writePaper(page, "\n 12\n+ 3\n----\n 16");
  const result = page.getByRole("status", { name: "Result" });
  await page.getByRole("button", { name: "Hand in" }).click();
  await expect(result).toContainText("Not yet.");
  await page.getByRole("button", { name: "Try again" }).click();
  await page
    .getByRole("img", { name: /^Your paper/ })
    .focus()
    .catch(() => undefined);
  await page.locator("body").click({ position: { x: 5, y: 5 } });
  await goTo(page, 2, 2);
  await page.keyboard.press("5");
  await expect(soFar(page)).toContainText("That answers it", { ignoreCase: true });
  await page.getByRole("button", { name: "Hand in" }).click();
  await expect(result).toContainText("Right.");
  await result.getByRole("button", { name: "Begin again" }).click();
  await expect(soFar(page)).toContainText("Set the numbers out first");

  await open(page, "12 + 3", "&part=setOut");
  const paper = page.getByRole("img", { name: /^Your paper/ });
  await expect(paper).toBeVisible();
  const digits = await paper.textContent();
  await goTo(page, 3, 3);
  await page.keyboard.press("9");
  await page.keyboard.press("Backspace");
  await page.keyboard.press("Backspace");
  expect(await paper.textContent()).toBe(digits);
});
