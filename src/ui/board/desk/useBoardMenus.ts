import { type RefObject, useRef, useState } from "react";
import type { PageTool } from "../page/PageTools";
import type { Menu } from "../panels/BoardPanels";

/** Which panel lies over the Board, and the buttons that open them: focus goes back to its own as one closes. */
export interface BoardMenus {
  readonly menu: Menu | undefined;
  readonly toolButtons: Readonly<Record<PageTool, RefObject<HTMLButtonElement | null>>>;
  readonly methodButton: RefObject<HTMLButtonElement | null>;
  readonly houseButton: RefObject<HTMLButtonElement | null>;
  open(menu: Menu): void;
  toggle(menu: Menu): void;
  close(): void;
}

export function useBoardMenus(): BoardMenus {
  const [menu, setMenu] = useState<Menu | undefined>();
  const methodButton = useRef<HTMLButtonElement>(null);
  const houseButton = useRef<HTMLButtonElement>(null);
  const toolButtons: BoardMenus["toolButtons"] = {
    form: useRef(null),
    another: useRef(null),
    beside: useRef(null),
    calculator: useRef(null),
    copy: useRef(null),
  };
  return {
    menu,
    toolButtons,
    methodButton,
    houseButton,
    open: setMenu,
    toggle: (name) => setMenu(menu === name ? undefined : name),
    close: () => {
      setMenu(undefined);
      if (menu === undefined) return;
      const opener = menu === "method" ? methodButton : menu === "house" ? houseButton : toolButtons[menu];
      opener.current?.focus();
    },
  };
}
