import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { API_ROUTES } from "@/service/apiRoutes";
import { ROUTES } from "@/service/routes";
import { send } from "./send";

const ADDRESS = API_ROUTES.keptBoard("demobrakecable00001");
const STATE = { problem: "53.2 - 17.8", step: 3 };

let assigned: string[] = [];
/** What was asked of the server, with what it is told to answer. */
function serverThat(answers: () => Response | Promise<Response>) {
  const asked = vi.fn(async (_address: string, _init?: RequestInit) => answers());
  vi.stubGlobal("fetch", asked);
  return asked;
}
const json = (status: number, body: unknown): Response =>
  new Response(JSON.stringify(body), { status, headers: { "content-type": "application/json" } });

beforeEach(() => {
  assigned = [];
  vi.stubGlobal("location", { assign: (address: string) => assigned.push(address) });
  vi.stubGlobal("BroadcastChannel", undefined);
});
afterEach(() => vi.unstubAllGlobals());

describe("what is sent to the server", () => {
  it("is sent as it is, and its answer is what is kept", async () => {
    const asked = serverThat(() => json(200, { revision: 7 }));
    expect(await send(ADDRESS, "PUT", STATE)).toEqual({ ok: true, value: { revision: 7 } });
    expect(asked).toHaveBeenCalledExactlyOnceWith(ADDRESS, {
      method: "PUT",
      headers: { "content-type": "application/json" },
      body: JSON.stringify(STATE),
      keepalive: true,
    });
  });

  it("outlives its window, but for what is too large for that and for what only asks", async () => {
    const asked = serverThat(() => json(200, {}));
    await send(ADDRESS, "POST", { answers: "7".repeat(70_000) });
    await send(ADDRESS, "GET");
    expect(asked.mock.calls.map(([, init]) => init?.keepalive)).toEqual([false, false]);
  });

  it("has nothing to tell where the server answers without a body", async () => {
    serverThat(() => new Response(null, { status: 204 }));
    expect(await send(ADDRESS, "POST", STATE)).toEqual({ ok: true, value: undefined });
  });

  it("is refused with the server's own words and all that it told", async () => {
    const body = {
      error: { code: "stale", message: "This board was changed in another window." },
      revision: 9,
    };
    serverThat(() => json(409, body));
    expect(await send(ADDRESS, "PUT", STATE)).toEqual({
      ok: false,
      error: { kind: "refused", status: 409, ...body.error, body },
    });
  });

  it.each<readonly [string, () => Response | Promise<Response>]>([
    ["nobody answers", () => Promise.reject(new TypeError("fetch failed"))],
    ["the answer is cut short", () => new Response('{"revision":', { status: 200 })],
    ["somebody else answers, with a page", () => new Response("<!doctype html>", { status: 502 })],
    ["the disk did not take it", () => json(507, { error: { code: "disk", message: "The disk is full." } })],
    ["there were too many at once", () => json(429, { error: { code: "busy", message: "Wait a moment." } })],
    ["the error says nothing", () => json(500, {})],
    ["the error is not one", () => json(503, { error: "down" })],
    [
      "the passphrase is asked for again",
      () => json(401, { error: { code: "signIn", message: "Sign in." } }),
    ],
  ])("can be tried again where %s, and a sentence says so", async (_, answers) => {
    serverThat(answers);
    const sent = await send(ADDRESS, "PUT", STATE);
    expect(sent).toMatchObject({ ok: false, error: { kind: "unreachable" } });
    expect(sent.ok ? "" : sent.error.message).toMatch(/^[A-Z].+\.$/);
  });

  it("leads to the sign-in where the server asks for it, and nowhere else", async () => {
    for (const status of [200, 204, 400, 404, 409, 422, 429, 500]) {
      serverThat(() => (status === 204 ? new Response(null, { status }) : json(status, {})));
      await send(ADDRESS, "PUT", STATE);
    }
    expect(assigned).toEqual([]);
    serverThat(() => json(401, {}));
    await send(ADDRESS, "PUT", STATE);
    expect(assigned).toEqual([ROUTES.signIn]);
  });

  it("is refused for good where the server says no, though it gives no reason that can be read", async () => {
    for (const body of [{}, [], null, { error: null }, { error: { code: 7 } }]) {
      serverThat(() => json(422, body));
      expect(await send(ADDRESS, "PUT", STATE)).toMatchObject({
        ok: false,
        error: { kind: "refused", status: 422, code: "refused" },
      });
    }
  });
});
