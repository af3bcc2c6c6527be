import type { IncomingMessage, ServerResponse } from "node:http";
import { type Access, LONGEST_PASSPHRASE, SESSION_LASTS, SHORTEST_PASSPHRASE } from "./access";
import { answerError, answerPage } from "./headers";
import { hostName, isFromHere, isOwnName } from "./names";
import { notYetPage, setPassphrasePage, signInPage } from "./plain/plainPages";
import { reads, requestPath } from "./requestPath";

const METHODS: ReadonlySet<string> = new Set(["GET", "HEAD", "POST", "PUT"]);
/** Where pages that stand without the application find their type. */
export const FONT_PATH = "/right-sum-font.woff2";
/** More than any form of the gate's own holds, in bytes. */
const LARGEST_FORM = 4000;

/** What the gate goes by. */
export interface Gate {
  /** What is listened on. */
  readonly host: string;
  /** Who may come in; none where only this machine can reach the server. */
  readonly access: Access | undefined;
  readonly isReadOnly: () => boolean;
  /** Whether a page takes a form, as those do that stand without the application. */
  readonly takesForm: (path: string) => boolean;
}

/** The name of the session's cookie: browsers send cookies to every port of a machine, and each may be another Right Sum. */
const cookieName = ({ socket }: IncomingMessage): string => `right-sum-session-${socket.localPort ?? 0}`;

/** The value of the session's cookie. */
const tokenOf = (request: IncomingMessage): string | undefined =>
  (request.headers.cookie ?? "")
    .slice(0, 8000)
    .split(";")
    .map((part) => part.trim().split("="))
    .find(([name]) => name === cookieName(request))?.[1];

const cookie = (request: IncomingMessage, token: string, seconds: number): string =>
  `${cookieName(request)}=${token}; Path=/; HttpOnly; SameSite=Strict; Max-Age=${seconds}`;

/** Whether a request comes from a page of this very server, or from no page at all. */
function isOwnPage(request: IncomingMessage): boolean {
  const { origin, host } = request.headers;
  if (origin !== undefined) {
    // A page that hides where it is from is none of ours.
    if (!URL.canParse(origin)) return false;
    return new URL(origin).host === host;
  }
  return (
    request.headers["sec-fetch-site"] !== "cross-site" || request.headers["sec-fetch-mode"] === "navigate"
  );
}

/** Requests that only compute, and change nothing; and those that put damaged data right, which see for themselves whether they may. */
const WITHOUT_WRITING = ["/api/work", "/api/methods", "/api/explain", "/api/safe-keeping/"] as const;

/**
 * Looks at a request before the application does: whether it is well formed, meant for this machine, from one
 * of its own pages, and from someone who may come in. Answers those that are not, and says whether it did.
 */
export async function answeredAtGate(
  gate: Gate,
  request: IncomingMessage,
  response: ServerResponse,
): Promise<boolean> {
  const refuse = (status: number, code: string, message: string): true => {
    answerError(response, status, code, message);
    return true;
  };
  const method = request.method ?? "";
  if (!METHODS.has(method)) {
    response.setHeader("allow", [...METHODS].join(", "));
    return refuse(405, "noSuchMethod", "This method is not used here.");
  }
  const name = hostName(request.headers.host);
  if (name === undefined || !isOwnName(name, gate.host))
    return refuse(
      421,
      "otherHost",
      "Right Sum does not answer under this name. Open it by the address it printed.",
    );
  const path = requestPath(request);
  if (path === undefined) return refuse(400, "badAddress", "This address has a broken escape in it.");
  if (!isOwnPage(request)) return refuse(403, "otherSite", "This can only be asked from Right Sum itself.");
  // The type of the page that asks to sign in is nobody’s secret.
  if (path === FONT_PATH) return false;
  if (gate.access !== undefined && (await answeredAtDoor(gate.access, path, request, response))) return true;
  if (reads(request)) return false;
  if (gate.takesForm(path)) return false;
  if (!path.startsWith("/api/")) return refuse(405, "noSuchMethod", "Pages are only read.");
  if (gate.isReadOnly() && !WITHOUT_WRITING.some((start) => path.startsWith(start)))
    return refuse(
      503,
      "readOnly",
      "The data can only be read just now, so this was not kept. See Safe keeping.",
    );
  return false;
}

/** Signs in and out, and lets nobody by who is not signed in. */
async function answeredAtDoor(
  access: Access,
  path: string,
  request: IncomingMessage,
  response: ServerResponse,
): Promise<boolean> {
  const page = (status: number, html: string): true => {
    answerPage(response, status, html);
    return true;
  };
  const wantsPage = reads(request) && (request.headers.accept ?? "").includes("text/html");
  const now = Date.now();
  if (!access.isSet) {
    const here = isFromHere(request.socket.remoteAddress);
    if (path === "/set-passphrase" && request.method === "POST" && here) {
      const form = await formOf(request);
      if (form === undefined)
        return page(400, setPassphrasePage("That was not a form.", SHORTEST_PASSPHRASE));
      const wrong = passphraseFault(form.get("passphrase") ?? "", form.get("again") ?? "");
      if (wrong !== "") return page(422, setPassphrasePage(wrong, SHORTEST_PASSPHRASE));
      await access.setPassphrase(form.get("passphrase") ?? "");
      return enter(access, form.get("passphrase") ?? "", request, response);
    }
    if (!wantsPage) {
      answerError(response, 401, "notSignedIn", "No passphrase is set yet.");
      return true;
    }
    return here ? page(401, setPassphrasePage("", SHORTEST_PASSPHRASE)) : page(403, notYetPage());
  }
  if (path === "/sign-in" && request.method === "POST") {
    const form = await formOf(request);
    return form === undefined
      ? page(400, signInPage("That was not a form."))
      : enter(access, form.get("passphrase") ?? "", request, response);
  }
  const token = tokenOf(request);
  if (access.isSignedIn(token, now)) {
    if (path !== "/sign-out" || request.method !== "POST") return false;
    const everywhere = (request.url ?? "").endsWith("?everywhere");
    access.signOut(token, everywhere, now);
    response.setHeader("set-cookie", cookie(request, "", 0));
    response.writeHead(204).end();
    return true;
  }
  if (wantsPage) return page(401, signInPage(""));
  answerError(response, 401, "notSignedIn", "Sign in to Right Sum first.");
  return true;
}

/** Signs someone in, or says why not. */
async function enter(
  access: Access,
  passphrase: string,
  request: IncomingMessage,
  response: ServerResponse,
): Promise<true> {
  const came = await access.signIn(passphrase, request.socket.remoteAddress ?? "", Date.now());
  switch (came.kind) {
    case "in":
      response.setHeader("set-cookie", cookie(request, came.token, SESSION_LASTS / 1000));
      response.writeHead(303, { location: "/" }).end();
      return true;
    case "wrong":
      answerPage(response, 401, signInPage("That is not the passphrase."));
      return true;
    case "wait":
      response.setHeader("retry-after", String(came.seconds));
      answerPage(
        response,
        429,
        signInPage(
          `Too many tries. Wait ${came.seconds} ${came.seconds === 1 ? "second" : "seconds"}, then try again.`,
        ),
      );
      return true;
  }
}

/** What is wrong with a new passphrase; empty where nothing is. */
export function passphraseFault(passphrase: string, again: string): string {
  if ([...passphrase].length < SHORTEST_PASSPHRASE)
    return `A passphrase has at least ${SHORTEST_PASSPHRASE} characters.`;
  if (passphrase.length > LONGEST_PASSPHRASE)
    return `A passphrase has at most ${LONGEST_PASSPHRASE} characters.`;
  return passphrase === again ? "" : "The two are not the same. Type it twice alike.";
}

/** The fields of a form that was sent; none where it is none, or too large. */
async function formOf(request: IncomingMessage): Promise<URLSearchParams | undefined> {
  if (!request.headers["content-type"]?.startsWith("application/x-www-form-urlencoded")) return undefined;
  let text = "";
  for await (const part of request) {
    text += String(part);
    if (text.length > LARGEST_FORM) return undefined;
  }
  return new URLSearchParams(text);
}
