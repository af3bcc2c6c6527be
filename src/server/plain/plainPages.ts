import { colourDeclarations } from "@/service/tokens";

/** Text as it stands in HTML. */
export const escapedHtml = (text: string): string =>
  text.replace(/[&<>"']/g, (sign) => `&#${sign.codePointAt(0)};`);

const STYLE = `
@font-face{font-family:Figtree;src:url(/right-sum-font.woff2) format("woff2");font-weight:300 900}
:root{${colourDeclarations("day")}color-scheme:light}
@media (prefers-color-scheme:dark){:root{${colourDeclarations("night")}color-scheme:dark}}
*{box-sizing:border-box}
body{margin:0;min-height:100vh;background-color:var(--paper);background-image:linear-gradient(var(--squares) 1px,transparent 1px),linear-gradient(90deg,var(--squares) 1px,transparent 1px);background-size:44px 44px;background-position:-1px -1px;color:var(--ink);font:16px/1.5 Figtree,system-ui,sans-serif;font-feature-settings:"tnum";display:grid;place-items:center;padding:44px 22px}
main{width:min(620px,100%);background:var(--page);border:1px solid var(--edge);border-left:4px solid var(--plumb);border-radius:6px;padding:36px 44px;box-shadow:0 12px 40px #0002}
@media (max-width:600px){main{padding:26px 22px}}
.name{color:var(--plumb);font-weight:700;line-height:1.1;margin:0 0 18px}
h1{font-size:26px;line-height:1.2;font-weight:600;margin:0 0 10px;text-wrap:balance}
h2{font-size:17px;font-weight:600;margin:26px 0 6px}
p{margin:0 0 12px}
.soft{color:var(--soft)}
.rust{color:var(--rust)}
label{display:block;font-size:14px;color:var(--soft);margin:16px 0 4px}
input[type=password]{width:100%;height:48px;border:1px solid var(--edge);border-radius:12px;background:var(--page);color:var(--ink);padding:0 16px;font:inherit}
button,.button{display:inline-grid;place-items:center;min-height:44px;padding:0 18px;border-radius:12px;border:1px solid var(--edge);background:var(--page);color:var(--ink);font:inherit;font-weight:600;cursor:pointer;text-decoration:none}
button.first{background:var(--plumb);border-color:var(--plumb);color:var(--on-plumb);margin-top:18px}
:focus-visible{outline:2px solid var(--plumb);outline-offset:2px}
ul{list-style:none;margin:0;padding:0}
li{display:flex;gap:6px 16px;align-items:center;justify-content:space-between;border-top:1px solid var(--edge);padding:8px 0}
code{background:var(--paper);border-radius:6px;padding:2px 7px;font:14px ui-monospace,monospace;overflow-wrap:anywhere}
li>span{flex:1}
summary{min-height:32px;cursor:pointer}
form{margin:0}`;

/** A page that needs nothing of the application: for when it can't be had, or may not be yet. */
export const plainPage = (title: string, body: string): string => `<!doctype html>
<html lang="en"><head><meta charset="utf-8"><meta name="viewport" content="width=device-width, initial-scale=1"><title>${escapedHtml(title)} · Right Sum</title><style>${STYLE}</style></head>
<body><main><p class="name">Right<br>Sum</p><h1>${escapedHtml(title)}</h1>${body}</main></body></html>`;

const field = (name: string, label: string, autocomplete: string): string =>
  `<label for="${name}">${escapedHtml(label)}</label><input id="${name}" name="${name}" type="password" autocomplete="${autocomplete}" required maxlength="200">`;

const alert = (text: string): string =>
  text === "" ? "" : `<p role="alert" class="rust">${escapedHtml(text)}</p>`;

/** Asks for the passphrase. */
export const signInPage = (wrong: string): string =>
  plainPage(
    "Sign in",
    `<p class="soft">This Right Sum is open to the network, so it asks for its passphrase.</p>${alert(wrong)}
<form method="post" action="/sign-in">${field("passphrase", "Passphrase", "current-password")}<button class="first">Sign in</button></form>`,
  );

/** Asks whoever sits at the machine for a new passphrase. */
export const setPassphrasePage = (wrong: string, shortest: number): string =>
  plainPage(
    "Set a passphrase",
    `<p>Others on the network can reach this Right Sum now. Set the passphrase that they, and you, will sign in with. Until then nobody else gets in.</p>
<p class="soft">At least ${shortest} characters: a few words that you will remember are best.</p>${alert(wrong)}
<form method="post" action="/set-passphrase">${field("passphrase", "Passphrase", "new-password")}${field("again", "Once more", "new-password")}<button class="first">Set it</button></form>`,
  );

/** Tells others that they can't come in yet. */
export const notYetPage = (): string =>
  plainPage(
    "Not open yet",
    "<p>No passphrase is set. Open Right Sum on the machine it runs on, and set one there.</p>",
  );
