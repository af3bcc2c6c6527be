import type { ComponentProps, ReactElement } from "react";
import { type Look, lookOf } from "./looks";

/** A button in one of the looks that there are; `className` says where it stands. */
export const Button = ({
  look,
  className,
  ...button
}: ComponentProps<"button"> & { readonly look: Look }): ReactElement => (
  <button type="button" className={lookOf(look, className)} {...button} />
);
