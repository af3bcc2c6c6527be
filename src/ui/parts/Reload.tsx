"use client";

import type { ReactElement } from "react";
import { Button } from "./Button";

/** Loads the page that is open anew, as it was asked for. */
export const Reload = (): ReactElement => (
  <Button look="words" onClick={() => window.location.reload()}>
    Try again
  </Button>
);
