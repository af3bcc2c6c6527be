import http from "node:http";
import next from "next";
import { troubleSchema } from "@/data/backup/health";
import { noteTrouble } from "@/data/backup/watch";
import { closeDatabase } from "@/data/database";
import { computing } from "@/threads/pool";

// The process that makes pages. It reads the data and never writes it; who may ask is settled before it is asked.
const [socketPath] = process.argv.slice(2);
if (socketPath === undefined) throw new Error("pages: name the socket to listen on");

process.env.RIGHT_SUM_PAGES = "1";
process.on("disconnect", () => process.exit(0));
// The server may have gone while this was being loaded: then nobody will ever ask, and nobody end it.
if (!process.connected) process.exit(0);
process.on("message", (message) => {
  if (message === "reopen") closeDatabase();
  else if (typeof message === "object" && message !== null && "trouble" in message)
    noteTrouble(troubleSchema.nullable().parse(message.trouble) ?? undefined);
});
// Whoever started this ends it; a signal to the whole group must not end it halfway through an answer.
for (const signal of ["SIGINT", "SIGTERM", "SIGHUP"] as const) process.on(signal, () => undefined);

computing();
const application = next({ dev: false, dir: process.cwd() });
await application.prepare();
const handle = application.getRequestHandler();
const server = http.createServer((request, response) => handle(request, response));
// Lines to the one process that asks stay open; closing one just when it asks again would lose the question.
server.keepAliveTimeout = 0;
server.listen(socketPath, () => process.send?.("ready"));
