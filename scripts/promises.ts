/**
 * What the README promises, each with the tests that hold it: the words as they stand there, and files with
 * the name of a test or of a group of tests in them. docs/testing.md lists them; a test finds both.
 */
interface Promised {
  readonly words: string;
  readonly tests: readonly (readonly [file: string, test: string])[];
}

export const PROMISES: readonly Promised[] = [
  {
    words: "works written calculation on squared paper, mark by mark, the way the learner's school writes it",
    tests: [
      ["src/core/methods/workings.test.ts", "every working by %s"],
      ["e2e/board.spec.ts", "a difference across zeros in one school's hand, then in another's"],
    ],
  },
  {
    words: "step through it with the words to say, the reasons and the checks",
    tests: [
      ["src/core/wording/said.test.ts", "holds in every line of %s, in every school's hand"],
      ["src/core/wording/wording.test.ts", "is a finished sentence in every house"],
      ["src/core/checks/checks.test.ts", "agree with every sound working"],
    ],
  },
  {
    words: "see where the learner's work first went wrong",
    tests: [
      ["src/core/paper/judgePaper.test.ts", "a paper with one error"],
      ["src/core/paper/paper.test.ts", "with one wrong digit in it is told of that digit"],
    ],
  },
  {
    words: "be told which faulty decision explains its wrong answers",
    tests: [
      [
        "src/core/errorPatterns/errorPatterns.test.ts",
        "with one pattern and some noise are told by their sheets",
      ],
      [
        "src/core/errorPatterns/explaining/likelihood.test.ts",
        "is how often it is true of simulated learners",
      ],
    ],
  },
  {
    words: "under house rules for every school's hand",
    tests: [
      ["src/service/requests/switchSamples.test.ts", "of %s looks different at each of its settings"],
      ["src/core/wording/narration.test.ts", "true values and short talk"],
    ],
  },
  {
    words: "Each installs what it needs.",
    tests: [["scripts/install.test.ts", "asks of Node no more than the README promises"]],
  },
  {
    words: "`PORT` and `HOST` choose another address.",
    tests: [["e2e/launch.spec.ts", "what keeps it from starting is said in one line that tells what to do"]],
  },
  {
    words: "No request leaves your machine.",
    tests: [["e2e/programs.spec.ts", "no page asks anything of another machine"]],
  },
  {
    words: "Type a problem as you would write it, and press Enter",
    tests: [
      ["src/core/problem/reading/readProblem.test.ts", "reading a problem"],
      ["e2e/kinds.spec.ts", "is walked from typing to checked answer"],
    ],
  },
  {
    words: "click or drag the run, or swipe the paper",
    tests: [
      ["e2e/board.spec.ts", "the run is clicked and dragged, and plays by itself to the end"],
      ["e2e/keeping.spec.ts", "steps are turned by a finger across the paper"],
    ],
  },
  {
    words: "see the same working in another school's hand",
    tests: [["src/ui/board/state/boardState.test.ts", "means the same number under any other house rules"]],
  },
  {
    words: "put two side by side and step both",
    tests: [
      ["e2e/operations.spec.ts", "two boards stand side by side, stepped together by stage, and are kept so"],
      ["src/ui/board/running/stepBeside.test.ts", "begins and ends with the first, never steps back"],
    ],
  },
  {
    words: "copy it out as text, MathML, LaTeX or a picture",
    tests: [
      ["src/render/formula/renders.test.ts", "what is copied out of every method's sample, in every house"],
      ["e2e/operations.spec.ts", "the problem and the working are copied out as text, MathML and LaTeX"],
    ],
  },
  {
    words: "Every board is kept, and Today finds it again where you left it.",
    tests: [
      ["e2e/walks.spec.ts", "a board that was just stepped is kept, even when the window closes at once"],
      ["src/data/boards.test.ts", "come back as they were left, from another opening of the same file"],
    ],
  },
  {
    words: "draws problems whose *workings* have what it is about",
    tests: [["src/core/sheets/ladder.test.ts", "keeps what %s promises, judged by hand"]],
  },
  {
    words: "two wishes that clash are named",
    tests: [
      ["src/core/sheets/recipe.test.ts", "names the two wishes that clash"],
      ["e2e/sheets.spec.ts", "two wishes that clash are named, and a recipe that can be met is drawn"],
    ],
  },
  {
    words: "A sheet that is kept has a code, and every change of it is on disk.",
    tests: [
      ["src/data/sheets/keptSheets.test.ts", "come back as they were kept, under a code of their own"],
      ["e2e/sheets.spec.ts", "a sheet that another window changed is not written over"],
    ],
  },
  {
    words: "with a key of answers or of whole workings",
    tests: [["src/render/pdf/sheetPdf.test.ts", "says the sheet's problems and answers in their order"]],
  },
  {
    words: "goes out and in as CSV, JSON, Markdown, LaTeX and QTI",
    tests: [
      ["src/render/formats/formats.test.ts", "goes out as $id with every number of its problems and answers"],
      [
        "e2e/row.spec.ts",
        "a sheet goes out in every open format, and comes in from a file whole or not at all",
      ],
    ],
  },
  {
    words: "the fewest problems that tell error patterns apart",
    tests: [
      ["src/core/probes/probes.test.ts", "tells every two accounts apart that it does not declare it can't"],
    ],
  },
  {
    words: "draws another problem like the one that is open",
    tests: [["src/core/sheets/twin.test.ts", "has the same features, as many steps and numbers as long"]],
  },
  {
    words: "its givens are underlined, what is not needed is struck and the question ringed",
    tests: [["e2e/stories.spec.ts", "a word problem is read, its givens are underlined"]],
  },
  {
    words: "bars to scale or a line of numbers show what is known and what is asked",
    tests: [
      [
        "src/service/requests/stories/storyPicture.test.ts",
        "is to scale: bars that make up one another are equally long",
      ],
    ],
  },
  {
    words: "is held against the question, an estimate and the story itself",
    tests: [
      [
        "src/core/stories/operations.test.ts",
        "are undone one after another until a number that the story gives",
      ],
    ],
  },
  {
    words: "Each stage is told by itself",
    tests: [["src/core/storyMarking/storyMarking.test.ts", "is marked stage by stage"]],
  },
  {
    words: "the reading is typed to the finest mark, and a wrong one is named by what was miscounted",
    tests: [["src/core/shop/shop.test.ts", "names what went wrong: another worth of the marks"]],
  },
  {
    words: "the change is counted up out of a drawer that can run short; at the end the day balances",
    tests: [["src/core/shop/shop.test.ts", "gives right change of the fewest pieces, or says that it can't"]],
  },
  {
    words: "work by whatever sound method they like, by keyboard or by touch",
    tests: [
      ["src/core/paper/judgePaper.test.ts", "a paper that is right in its own way"],
      ["e2e/touch.spec.ts", "an addition is written by touch, its error found and mended"],
    ],
  },
  {
    words: "Hints come in three sizes.",
    tests: [["e2e/turn.spec.ts", "columns of units are worked, with hints in three sizes"]],
  },
  {
    words: "The paper is judged by what it says, in whatever order and layout",
    tests: [["src/core/paper/judgePaper.test.ts", "papers as people write them"]],
  },
  {
    words: "a margin for notes that nobody marks",
    tests: [["e2e/papers.spec.ts", "what stands in the margin is nobody’s but the learner’s"]],
  },
  {
    words: "each error pattern that comes into it, its whole working beside the sound one",
    tests: [["src/ui/wrongWay/wrongWay.test.ts", "offers every pattern that comes into the problem"]],
  },
  {
    words: "right, right in another form, or wrong with its likeliest",
    tests: [["src/core/marking/marking.test.ts", "an answer"]],
  },
  {
    words: "Paste a column from a spreadsheet, read CSV with a look at what it would bring, and write it.",
    tests: [
      ["src/ui/marking/state/columns.test.ts", "comes back as it was written: problems, names and answers"],
      ["e2e/marking.spec.ts", "a pasted column fills the sheet; garbage in it is kept and told"],
    ],
  },
  {
    words: "Learners are remembered by a first name or initials, and nothing else is asked.",
    tests: [
      ["src/data/marking/markingSheets.test.ts", "are listed by name, renamed, taken off and brought back"],
    ],
  },
  {
    words: "What is called kept is on disk, and no other window undoes it",
    tests: [
      ["e2e/keeping.spec.ts", "what was shown as kept is there after the server is killed"],
      ["e2e/windows.spec.ts", "one square written in two windows"],
      ["e2e/leaving.spec.ts", "what is not kept on"],
    ],
  },
  {
    words: "you back up, look inside a backup, restore it, export everything as one file and import it again",
    tests: [
      ["src/data/backup/document.test.ts", "has every column of $name"],
      ["e2e/safeKeeping.spec.ts", "everything goes out as one file and comes in again, whole or not at all"],
    ],
  },
  {
    words: "A damaged file is never written over",
    tests: [
      ["e2e/safeKeeping.spec.ts", "a damaged file gets a page with a way out, and is never written over"],
    ],
  },
  {
    words: "Only this machine's own names are answered.",
    tests: [["e2e/closed.spec.ts", "no other name is answered, and nothing of the data is in what is said"]],
  },
  {
    words: "open to your network, behind a passphrase",
    tests: [["e2e/closed.spec.ts", "beyond this machine nobody comes in without the passphrase"]],
  },
  {
    words: "prints the board as text, with `--json` all its steps",
    tests: [["src/cli/commandLine.test.ts", "prints all of a working as JSON"]],
  },
  {
    words: "`POST /api/work`, `/api/methods` and `/api/explain` give the same.",
    tests: [["e2e/programs.spec.ts", "a program gets a working, or an error with its place"]],
  },
];
