/** Every key of the Board: what it does, and the act it stands for. The help, the README and the listener read this. */
export const BOARD_KEYS = [
  { keys: ["ArrowRight"], shown: "→", act: "next", does: "Next step" },
  { keys: ["ArrowLeft"], shown: "←", act: "previous", does: "Step back" },
  { keys: ["Home"], shown: "Home", act: "first", does: "First step" },
  { keys: ["End"], shown: "End", act: "last", does: "Last step" },
  { keys: [" "], shown: "Space", act: "play", does: "Play, pause" },
  { keys: ["p"], shown: "P", act: "pace", does: "Change the pace of playing" },
  { keys: ["/"], shown: "/", act: "problem", does: "Type a problem" },
  { keys: ["m"], shown: "M", act: "method", does: "Choose the method" },
  { keys: ["b"], shown: "B", act: "beside", does: "Put a second board beside it" },
  { keys: ["a"], shown: "A", act: "form", does: "Choose the form of the answer" },
  { keys: ["r"], shown: "R", act: "house", does: "Change the house rules" },
  { keys: ["e"], shown: "E", act: "estimate", does: "Let the estimate wait for the learner's, or show it" },
  { keys: ["s"], shown: "S", act: "say", does: "Hide or show the line to say" },
  { keys: ["v"], shown: "V", act: "aloud", does: "Read the line to say aloud, or stop" },
  { keys: ["w"], shown: "W", act: "wrongWay", does: "Show the tempting wrong way" },
  { keys: ["t"], shown: "T", act: "yourTurn", does: "Hand the problem over: your turn" },
  { keys: ["x"], shown: "X", act: "twin", does: "Another one like it" },
  { keys: ["["], shown: "[", act: "easier", does: "One a notch easier" },
  { keys: ["]"], shown: "]", act: "harder", does: "One a notch harder" },
  { keys: ["d"], shown: "D", act: "three", does: "A row of three: I do, we do, you do" },
  { keys: ["g"], shown: "G", act: "show", does: "Examples that climb to the trap" },
  { keys: ["c"], shown: "C", act: "calculator", does: "Open the pocket calculator" },
  { keys: ["o"], shown: "O", act: "copy", does: "Copy out the problem and the working" },
  { keys: ["n"], shown: "N", act: "names", does: "Hide or show the place names" },
  { keys: ["+", "="], shown: "+", act: "larger", does: "Larger squares" },
  { keys: ["-"], shown: "−", act: "smaller", does: "Smaller squares" },
] as const;

export type BoardAct = (typeof BOARD_KEYS)[number]["act"];

/** The act a pressed key stands for; keys with Ctrl, Alt or the system key are the browser's. */
export const boardActOf = (event: {
  readonly key: string;
  readonly ctrlKey: boolean;
  readonly altKey: boolean;
  readonly metaKey: boolean;
}): BoardAct | undefined =>
  event.ctrlKey || event.altKey || event.metaKey
    ? undefined
    : BOARD_KEYS.find(({ keys }) => (keys as readonly string[]).includes(event.key))?.act;
