import type { ReactElement, ReactNode } from "react";
import { Button } from "./Button";

/** A button that is a sign, with its name for those who don't see it. */
export const IconButton = ({
  label,
  title = label,
  pressed,
  onPress,
  children,
}: {
  readonly label: string;
  /** What is shown where the pointer rests, if it is not all of the name. */
  readonly title?: string;
  readonly pressed?: boolean;
  readonly onPress: () => void;
  readonly children: ReactNode;
}): ReactElement => (
  <Button look="sign" aria-label={label} title={title} aria-pressed={pressed} onClick={onPress}>
    {children}
  </Button>
);
