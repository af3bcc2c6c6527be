"use client";

import { type ReactElement, useRef } from "react";
import { API_ROUTES } from "@/service/apiRoutes";
import { ROUTES } from "@/service/routes";
import { Button } from "../parts/Button";
import { messageIn, send } from "../saving/wire/send";
import { VIEWS } from "../saving/wire/views";
import { asked, type Said, useLongActs } from "./LongActs";

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

async function importFile(chosen: File): Promise<Said> {
  try {
    const answer = await fetch(API_ROUTES.importFile, {
      method: "POST",
      headers: { "content-type": "application/json" },
      body: chosen,
    });
    const told: unknown = await answer.json();
    const imported = answer.ok ? (await VIEWS.putInPlace()).safeParse(told) : undefined;
    return imported?.success
      ? { words: `Imported. What was here before is in the backup ${imported.data.before}.`, failed: false }
      : { words: messageIn(told) ?? "The file could not be imported.", failed: true };
  } catch {
    return { words: "Right Sum does not answer, so nothing was imported.", failed: true };
  }
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
          if (chosen) run("Importing…", () => importFile(chosen));
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
