import http from "node:http";
import net, { type AddressInfo } from "node:net";
import { expect, it } from "vitest";
import { endUnread } from "./clientError";

/** What comes back on a line on which something was written, until the server closes it. */
function answerTo(written: string, headersTimeout: number): Promise<string> {
  return new Promise((resolve, reject) => {
    const server = http.createServer(
      { headersTimeout, requestTimeout: headersTimeout, connectionsCheckingInterval: 10 },
      (_request, response) => response.end("heard"),
    );
    server.on("clientError", endUnread);
    server.listen(0, "127.0.0.1", () => {
      const { port } = server.address() as AddressInfo;
      const line = net.connect(port, "127.0.0.1", () => line.write(written));
      let heard = "";
      line.on("data", (part) => {
        heard += String(part);
      });
      line.on("error", reject);
      line.on("close", () => server.close(() => resolve(heard)));
    });
  });
}

it("closes a line on which nothing was asked without a word, and refuses what is no request", async () => {
  expect(await answerTo("", 50)).toBe("");
  expect(await answerTo("GET / HTTP/1.1\r\nhost: 127.0", 50)).toBe("");
  expect(await answerTo("no request\r\n\r\n", 60_000)).toMatch(/^HTTP\/1\.1 400 /);
  expect(await answerTo(`GET /${"a".repeat(20_000)} HTTP/1.1\r\n\r\n`, 60_000)).toMatch(/^HTTP\/1\.1 400 /);
});
