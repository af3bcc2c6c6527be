import { ROUTES } from "@/service/routes";
import { LOOKS } from "../parts/looks";

/** What came of a try: let in, or what is said of it. */
type Tried = { readonly isIn: true } | { readonly isIn: false; readonly words: string };

async function tried(passphrase: string): Promise<Tried> {
  try {
    const answer = await fetch(ROUTES.signIn, { method: "POST", body: new URLSearchParams({ passphrase }) });
    if (answer.ok) return { isIn: true };
    const wait = answer.headers.get("retry-after");
    const words =
      wait === null
        ? "That is not the passphrase."
        : `Too many tries. Wait ${wait} ${wait === "1" ? "second" : "seconds"}, then try again.`;
    return { isIn: false, words };
  } catch {
    return { isIn: false, words: "Right Sum does not answer. Try again in a moment." };
  }
}

/** An element with its classes and what stands in it. */
function element<Name extends keyof HTMLElementTagNameMap>(
  name: Name,
  className: string,
  ...inside: readonly (string | Node)[]
): HTMLElementTagNameMap[Name] {
  const made = document.createElement(name);
  made.className = className;
  made.append(...inside);
  return made;
}

let asking: Promise<boolean> | undefined;

/** How long nobody is asked again who did not want to be, in milliseconds: what is to be kept is tried every few seconds. */
const LEFT_ALONE = 60_000;
let leftAloneSince = Number.NEGATIVE_INFINITY;

/** Asks for the passphrase where a sign-in has ended, over the page as it stands: nothing on it is lost. Says whether somebody is in again. */
export function signInAgain(): Promise<boolean> {
  if (performance.now() - leftAloneSince < LEFT_ALONE) return Promise.resolve(false);
  asking ??= asked().then((isIn) => {
    asking = undefined;
    if (!isIn) leftAloneSince = performance.now();
    return isIn;
  });
  return asking;
}

function asked(): Promise<boolean> {
  const field = element("input", "mt-1 h-12 w-full rounded-xl border border-edge bg-page px-4");
  Object.assign(field, {
    type: "password",
    autocomplete: "current-password",
    required: true,
    maxLength: 200,
  });
  const said = element("p", "mt-2 min-h-6 text-note text-rust");
  said.setAttribute("role", "status");
  const later = element("button", LOOKS.quiet, "Not now");
  later.type = "button";
  const form = element(
    "form",
    "",
    element("h2", "text-lead font-semibold", "Your sign-in has ended"),
    element(
      "p",
      "mt-1 text-note text-soft",
      "What you did is still here, and is kept once you are in again.",
    ),
    element("label", "mt-4 block text-small text-soft", "Passphrase", field),
    said,
    element("div", "mt-2 flex gap-2", element("button", LOOKS.main, "Go on"), later),
  );
  const dialog = element(
    "dialog",
    "m-auto w-[min(440px,94vw)] rounded-2xl border border-edge bg-page p-6 text-ink shadow-sheet backdrop:bg-ink/30",
    form,
  );
  dialog.setAttribute("aria-label", "Sign in again");
  document.body.append(dialog);
  dialog.showModal();
  return new Promise((resolve) => {
    const end = (isIn: boolean): void => {
      dialog.remove();
      resolve(isIn);
    };
    dialog.addEventListener("cancel", () => end(false));
    later.addEventListener("click", () => end(false));
    form.addEventListener("submit", (event) => {
      event.preventDefault();
      void tried(field.value).then((came) => {
        if (came.isIn) return end(true);
        said.textContent = came.words;
        field.select();
      });
    });
  });
}
