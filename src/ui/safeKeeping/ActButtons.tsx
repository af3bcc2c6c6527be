"use client";

import { type ReactElement, useRef } from "react";
import { API_ROUTES } from "@/service/apiRoutes";
import { ROUTES } from "@/service/routes";
import { Button } from "../parts/Button";
import { messageIn, send } from "../saving/wire/send";
import { VIEWS } from "../saving/wire/views";
import { asked, type Running, type Said, useLongActs } from "./LongActs";

export function BackUpNow({ readOnly }: { readonly readOnly: boolean }): ReactElement {
  const { working, run } = useLongActs();
  return (
    <Button
      look="main"
      disabled={working || readOnly}
      onClick={() =>
        run("Backing up…", () =>
          asked(VIEWS.backedUp, API_ROUTES.backUp, {}, () => "Backed up, and the backup passed its check."),
        )
      }
    >
      Back up now
    </Button>
  );
}

export function RestoreBackup({ name }: { readonly name: string }): ReactElement {
  const { working, run } = useLongActs();
  return (
    <Button
      look="edged"
      disabled={working}
      onClick={() =>
        run("Restoring…", () =>
          asked(
            VIEWS.putInPlace,
            API_ROUTES.restore,
            { name },
            ({ before }) => `Restored. What was here before is kept as ${before}.`,
          ),
        )
      }
      className="mt-3"
    >
      Restore this backup
    </Button>
  );
}

/** The number at which the whole of the data was replaced last; none where nobody answers. */
async function replacedAt(): Promise<unknown> {
  const told = await send(API_ROUTES.changes, "GET");
  return told.ok && typeof told.value === "object" && told.value !== null && "replaced" in told.value
    ? told.value.replaced
    : undefined;
}

/** How long after it was stopped it is looked whether an import had come in place already, in milliseconds. */
const LOOK_AFTER = 700;

async function stopped(before: unknown): Promise<Said> {
  await new Promise((over) => setTimeout(over, LOOK_AFTER));
  const isReplaced = (await replacedAt()) !== before;
  return isReplaced
    ? {
        words: "It was in place before it could be stopped. What was here before is the newest backup.",
        failed: true,
      }
    : { words: "Stopped. Nothing was imported.", failed: false };
}

/** Sends a file to be imported, and tells how far that is. */
async function importFile(chosen: File, { say, signal }: Running): Promise<Said> {
  const before = await replacedAt();
  return new Promise((resolve) => {
    // What tells how much of a body has been sent is this older way of asking alone.
    const request = new XMLHttpRequest();
    request.open("POST", API_ROUTES.importFile);
    request.setRequestHeader("content-type", "application/json");
    request.responseType = "json";
    request.upload.addEventListener("progress", ({ loaded, total }) =>
      say(
        loaded < total
          ? `Sending the file: ${Math.floor((100 * loaded) / total)} %…`
          : "The file is there. Checking all of it, and putting it in place…",
      ),
    );
    request.addEventListener("load", async () => {
      const told: unknown = request.response;
      const read = request.status === 200 ? (await VIEWS.putInPlace()).safeParse(told) : undefined;
      resolve(
        read?.success
          ? { words: `Imported. What was here before is in the backup ${read.data.before}.`, failed: false }
          : { words: messageIn(told) ?? "The file could not be imported.", failed: true },
      );
    });
    request.addEventListener("error", () =>
      resolve({ words: "Right Sum does not answer, so nothing was imported.", failed: true }),
    );
    request.addEventListener("abort", () => resolve(stopped(before)));
    signal.addEventListener("abort", () => request.abort());
    request.send(chosen);
  });
}

export function ImportFromFile({ readOnly }: { readonly readOnly: boolean }): ReactElement {
  const { working, run } = useLongActs();
  const file = useRef<HTMLInputElement>(null);
  return (
    <>
      <input
        ref={file}
        type="file"
        accept=".json,application/json"
        aria-label="Import from a file"
        className="sr-only"
        tabIndex={-1}
        onChange={(event) => {
          const chosen = event.target.files?.[0];
          event.target.value = "";
          if (chosen) run("Importing…", (running) => importFile(chosen, running), true);
        }}
      />
      <Button look="edged" disabled={working || readOnly} onClick={() => file.current?.click()}>
        Import from a file
      </Button>
    </>
  );
}

export function CheckNow(): ReactElement {
  const { working, run } = useLongActs();
  return (
    <Button
      look="edged"
      disabled={working}
      onClick={() =>
        run("Checking all of it…", () =>
          asked(VIEWS.soundness, API_ROUTES.check, {}, ({ sound }) =>
            sound === true ? "All of it was read and is sound." : "The check found faults: see above.",
          ),
        )
      }
    >
      Check it now
    </Button>
  );
}

export const SignOut = ({
  address,
  words,
}: {
  readonly address: string;
  readonly words: string;
}): ReactElement => (
  <Button
    look="edged"
    onClick={async () => {
      await send(address, "POST", {});
      location.assign(ROUTES.today);
    }}
  >
    {words}
  </Button>
);
