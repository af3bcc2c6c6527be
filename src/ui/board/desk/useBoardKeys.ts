import { PACES } from "@/service/kept/view";
import { ROUTES } from "@/service/routes";
import { useNavigateAfterSaving } from "../../parts/PlaceLink";
import { type BoardAct, boardActOf, useShortcuts } from "../../shortcuts";
import { nextSquare } from "../controls/ViewControls";
import { takesForms } from "../state/forms";
import type { BoardDesk } from "./useBoardDesk";

/** What each key of the Board does, for the buttons that do the same. */
export type BoardActing = Readonly<Record<BoardAct, () => void>>;

/** Listens to the keys of the Board. */
export function useBoardKeys(desk: BoardDesk): BoardActing {
  const go = useNavigateAfterSaving();
  const { board, view, changeView, menus, field, another, run, voice, step, last, play, goTo, problemAt } =
    desk;
  const { open } = board;
  const acting: BoardActing = {
    next: () => goTo(step + 1),
    previous: () => goTo(step - 1),
    first: () => goTo(1),
    last: () => goTo(last),
    play: () => run && play.setPlaying(!play.playing),
    pace: () => changeView({ pace: PACES[(PACES.indexOf(view.pace) + 1) % PACES.length] ?? view.pace }),
    problem: () => field.current?.select(),
    method: () => run && menus.open("method"),
    house: () => menus.open("house"),
    beside: () => run && menus.toggle("beside"),
    form: () => run && takesForms(run.working.problem) && menus.toggle("form"),
    wrongWay: () => open && go(problemAt(ROUTES.wrongWay)),
    yourTurn: () => open && go(problemAt(ROUTES.yourTurn)),
    twin: () => open && void another.draw("twin"),
    easier: () => open && void another.draw("easier"),
    harder: () => open && void another.draw("harder"),
    three: () => open && void another.draw("three"),
    show: () => open && void another.draw("show"),
    calculator: () => run && menus.toggle("calculator"),
    copy: () => run && menus.toggle("copy"),
    aloud: () => voice && changeView({ aloud: !view.aloud }),
    estimate: () => changeView({ estimateWaits: !view.estimateWaits }),
    say: () => changeView({ sayLine: !view.sayLine }),
    names: () => changeView({ placeNames: !view.placeNames }),
    larger: () => changeView({ square: nextSquare(view.square, 1) }),
    smaller: () => changeView({ square: nextSquare(view.square, -1) }),
  };
  useShortcuts((event) => {
    const act = boardActOf(event);
    if (act !== undefined) acting[act]();
    return act !== undefined;
  });
  return acting;
}
