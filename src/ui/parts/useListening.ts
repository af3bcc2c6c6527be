"use client";

import { useEffect, useState } from "react";

/** Whether the page listens yet: until then it is only the server's picture of it. */
export function useListening(): boolean {
  const [isListening, setListening] = useState(false);
  useEffect(() => setListening(true), []);
  return isListening;
}
