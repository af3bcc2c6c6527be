"use client";

import type { ComponentProps, ReactElement } from "react";
import { API_ROUTES } from "@/service/apiRoutes";
import { ROUTES } from "@/service/routes";
import { Button } from "../parts/Button";
import { ChooseFile } from "../parts/ChooseFile";
import { messageIn, send } from "../saving/wire/send";
import { VIEWS } from "../saving/wire/views";
import { asked, type Running, type Said, useLongActs } from "./LongActs";

/** A button for an act that may take a while: it waits as long as another one is done. */
function ActButton({
  doing,
  act,
  disabled = false,
  ...button
}: Pick<ComponentProps<typeof Button>, "look" | "className" | "children"> & {
  readonly doing: string;
  readonly act: () => Promise<Said>;
  readonly disabled?: boolean;
}): ReactElement {
  const { working, run } = useLongActs();
  return <Button disabled={working || disabled} onClick={() => run(doing, act)} {...button} />;
}

export const BackUpNow = ({ readOnly }: { readonly readOnly: boolean }): ReactElement => (
  <ActButton
    look="main"
    doing="Backing up…"
    disabled={readOnly}
    act={() =>
      asked(VIEWS.backedUp, API_ROUTES.backUp, {}, () => "Backed up, and the backup passed its check.")
    }
  >
    Back up now
  </ActButton>
);

export const RestoreBackup = ({ name }: { readonly name: string }): ReactElement => (
  <ActButton
    look="edged"
    className="mt-3"
    doing="Restoring…"
    act={() =>
      asked(
        VIEWS.putInPlace,
        API_ROUTES.restore,
        { name },
        ({ before }) => `Restored. What was here before is kept as ${before}.`,
      )
    }
  >
    Restore this backup
  </ActButton>
);

export const CheckNow = (): ReactElement => (
  <ActButton
    look="edged"
    doing="Checking all of it…"
    act={() =>
      asked(VIEWS.soundness, API_ROUTES.check, {}, ({ sound }) =>
        sound === true ? "All of it was read and is sound." : "The check found faults: see above.",
      )
    }
  >
    Check it now
  </ActButton>
);

/** The number at which the whole of the data was replaced last; none where nobody answers. */
async function replacedAt(): Promise<unknown> {
  const told = await send(API_ROUTES.changes, "GET");
  return told.ok && typeof told.value === "object" && told.value !== null && "replaced" in told.value
    ? told.value.replaced
    : undefined;
}

const NOTHING_IMPORTED: Said = { words: "Stopped. Nothing was imported.", failed: false };

/** How long after it was stopped it is looked whether an import had come in place already, in milliseconds. */
const LOOK_AFTER = 700;

/** What is said of an import that was stopped: the server leaves off as long as nothing is in place. */
async function stopped(before: unknown): Promise<Said> {
  await new Promise((over) => setTimeout(over, LOOK_AFTER));
  const after = await replacedAt();
  if (after === undefined)
    return {
      words: "Stopped. Right Sum does not answer just now: look here again for what came of it.",
      failed: true,
    };
  return after === before
    ? NOTHING_IMPORTED
    : {
        words: "It was in place before it could be stopped. What was here before is the newest backup.",
        failed: true,
      };
}

/** Sends a file to be imported, and tells how far that is. */
async function importFile(chosen: File, { say, signal }: Running): Promise<Said> {
  const before = await replacedAt();
  // Whoever stops it this early hears no more of it: nothing is sent at all.
  if (signal.aborted) return NOTHING_IMPORTED;
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
  return (
    <ChooseFile
      look="edged"
      accept=".json,application/json"
      disabled={working || readOnly}
      onChosen={(chosen) => run("Importing…", (running) => importFile(chosen, running), true)}
    >
      Import from a file
    </ChooseFile>
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
