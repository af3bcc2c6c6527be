"use client";

import { useEffect, useState } from "react";

/** Whether the browser has a voice of its own; not known, and taken for no, until it has been asked. */
export function useVoice(): boolean {
  const [voice, setVoice] = useState(false);
  useEffect(() => {
    const speech = window.speechSynthesis;
    if (!speech) return;
    const look = (): void => setVoice(speech.getVoices().length > 0);
    look();
    speech.addEventListener("voiceschanged", look);
    return () => speech.removeEventListener("voiceschanged", look);
  }, []);
  return voice;
}

/** Says a line in the browser's own voice each time it changes, while it is wanted. A new line cuts the old one short. */
export function useSpeech(line: string, wanted: boolean): void {
  useEffect(() => {
    const speech = window.speechSynthesis;
    if (!wanted || !speech || line === "") return;
    speech.cancel();
    const spoken = new SpeechSynthesisUtterance(line);
    spoken.lang = "en";
    speech.speak(spoken);
    return () => speech.cancel();
  }, [line, wanted]);
}
