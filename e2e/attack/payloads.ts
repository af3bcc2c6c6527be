import { XMLValidator } from "fast-xml-parser";
import { strFromU8, unzipSync } from "fflate";
import { HOSTILE_TEXTS } from "@/core/testing/hostileTexts";
import { SHEET_FORMATS } from "@/render/formats";
import { KNOWN } from "../knownRoutes";
import { startServer } from "../server";
import { note, type Tally, tally } from "./tally";

const HOUSE = { preset: "gapsShort" };

/** What would be more than text on a page. */
const ALIVE = /<script>alert|<img src=x|onerror=alert\(1\)>|href="javascript:/;

/** Texts that mean something to a browser or a program, as names, stories, notes and titles: looked for on every page and in every format. */
export async function attackPayloads(share: number): Promise<readonly Tally[]> {
  const [pages, formats] = [tally("payloads: pages"), tally("payloads: files")];
  const server = await startServer();
  const put = (method: string, address: string, body: object) =>
    fetch(server.url + address, {
      method,
      headers: { "content-type": "application/json" },
      body: JSON.stringify(body),
    });
  try {
    const texts = HOSTILE_TEXTS.filter((_, nth) => nth % Math.max(1, Math.round(0.3 / share)) === 0);
    for (const [nth, text] of texts.entries()) {
      const id = `payload${String(nth).padStart(5, "0")}`;
      const name = text.slice(0, 40);
      const answers = [
        await put("PUT", `/api/boards/${id}`, {
          state: { problem: "40.3 + 7.8", method: "column-addition", house: HOUSE, step: 1, guess: "" },
          saw: 0,
        }),
        await put("POST", `/api/boards/${id}/about`, { act: "rename", name }),
        await put("POST", "/api/learners", { id, name }),
        await put("PUT", `/api/sheets/${id}`, {
          state: {
            name,
            house: HOUSE,
            rows: [{ problem: "3 + 4", story: { text: `${text} 3 bells and 4.`, answer: text } }],
            drawing: 1,
            seed: 1,
          },
          saw: 0,
        }),
        await put("PUT", `/api/own/stock/${id}`, {
          state: { name, things: [{ one: name, many: name, price: [100, 300] }] },
          saw: 0,
        }),
        await put("PUT", `/api/own/stories/${id}`, {
          state: { text: `${text} 3 bells and 4 bells. How many?`, form: "altogether" },
          saw: 0,
        }),
        await put("POST", `/api/marking/${id}`, {
          house: HOUSE,
          since: 0,
          acts: [
            { kind: "addRow", id: `r${id}`, problem: "3 + 4" },
            { kind: "addLearner", id, name },
          ],
          answers: [{ row: `r${id}`, learner: id, saw: 0, given: name, note: name }],
        }),
      ];
      for (const answer of answers)
        note(
          pages,
          answer.status === 500 ? "answered 500" : undefined,
          `${new URL(answer.url).pathname} ${JSON.stringify(name)}`,
        );
      for (const { id: format } of SHEET_FORMATS) {
        const answer = await fetch(`${server.url}/api/sheets/${id}/file?format=${format}`);
        if (answer.status === 404) continue;
        const bytes = new Uint8Array(await answer.arrayBuffer());
        const wrong = answer.ok
          ? format === "qti"
            ? Object.values(unzipSync(bytes)).every((file) => XMLValidator.validate(strFromU8(file)) === true)
              ? undefined
              : "is no XML"
            : undefined
          : `answered ${answer.status}`;
        note(formats, wrong, `${format} ${JSON.stringify(name)}`);
      }
    }
    for (const [route, methods] of Object.entries(KNOWN)) {
      if (!methods.includes("GET") || route.startsWith("/_") || route.startsWith("/api/")) continue;
      for (const nth of route.includes("[id]") ? texts.keys() : [0]) {
        const address = route.replace("[id]", `payload${String(nth).padStart(5, "0")}`);
        const from = performance.now();
        const answer = await fetch(server.url + address);
        // Something is on the screen from here on, if only that it is being worked out.
        const shown = performance.now() - from;
        const html = await answer.text();
        const wrong = answer.status >= 500 ? `answered ${answer.status}` : ALIVE.exec(html)?.[0];
        note(pages, wrong, address, shown);
      }
    }
  } finally {
    await server.remove();
  }
  return [pages, formats];
}
