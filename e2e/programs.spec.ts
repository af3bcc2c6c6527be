import { expect, test } from "./tutor";

test("a program gets a working, or an error with its place", async ({ request }) => {
  const worked = await request.post("/api/work", {
    data: { problem: "5 - 2.004", house: { preset: "gapsShort", subtraction: "decomposition" } },
  });
  expect(worked.status()).toBe(200);
  expect(await worked.json()).toMatchObject({
    answer: { written: "2.996", value: "749/250" },
    features: { exchanges: 1, acrossZeros: true },
    checks: { estimate: { near: true }, inverse: { agrees: true } },
  });
  const cases = [
    { body: { problem: "4..2" }, status: 422, error: { code: "secondPoint", at: 2 } },
    {
      body: { problem: "1 + 2", method: "subtraction-by-decomposition" },
      status: 422,
      error: { code: "methodRefuses" },
    },
    { body: { problem: "1 + 2", method: "by-magic" }, status: 422, error: { code: "unknownMethod" } },
    {
      body: { problem: "1 + 2", house: { narration: "loud" } },
      status: 422,
      error: { code: "unknownSetting" },
    },
    { body: { problem: 12 }, status: 400, error: { code: "badRequest" } },
  ];
  for (const { body, status, error } of cases) {
    const answer = await request.post("/api/work", { data: body });
    expect(answer.status()).toBe(status);
    expect(await answer.json()).toMatchObject({ error });
  }
  const form = await request.post("/api/work", { form: { problem: "1 + 2" } });
  expect(form.status()).toBe(415);
});

test("a program is told which methods take a problem, and why the others do not", async ({ request }) => {
  const asked = await request.post("/api/methods", { data: { problem: "12.5 × 0.4" } });
  expect(asked.status()).toBe(200);
  const { methods } = await asked.json();
  expect(methods).toContainEqual({ method: "lattice", name: "Lattice", takes: true, reason: null });
  expect(methods).toContainEqual({
    method: "multiplication-in-line",
    name: "Multiplication in line",
    takes: false,
    reason: "Multiplication in line needs one factor that is a whole number.",
  });
  expect((await request.post("/api/methods", { data: { problem: "4..2" } })).status()).toBe(422);
  for (const { method, takes } of methods) {
    const worked = await request.post("/api/work", { data: { problem: "12.5 × 0.4", method } });
    expect(worked.status()).toBe(takes ? 200 : 422);
  }
});

test("pages carry safe headers, and another site's page can't write", async ({ request, server }) => {
  const page = await request.get("/board");
  expect(page.headers()["content-security-policy"]).toContain("default-src 'self'");
  expect(page.headers()["content-security-policy"]).toContain("frame-ancestors 'none'");
  expect(page.headers()["x-content-type-options"]).toBe("nosniff");
  const foreign = await fetch(`${server.url}/api/work`, {
    method: "POST",
    headers: { "content-type": "application/json", origin: "http://elsewhere.example" },
    body: JSON.stringify({ problem: "1 + 2" }),
  });
  expect(foreign.status).toBe(403);
});

test("no page asks anything of another machine", async ({ page, server }) => {
  const elsewhere: string[] = [];
  page.on("request", (request) => {
    if (!request.url().startsWith(server.url) && !request.url().startsWith("data:"))
      elsewhere.push(request.url());
  });
  for (const place of ["/", "/board?problem=1.5%2B2.5", "/house-rules", "/methods", "/nowhere"])
    await page.goto(place);
  await expect(page.getByText("There is no page at this address")).toBeVisible();
  expect(elsewhere).toEqual([]);
});
