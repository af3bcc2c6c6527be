/** Papers as learners write them, drawn by hand: the ways that are sound though they look like none of ours, and errors at one mark. */
export interface PaperCase {
  readonly problem: string;
  readonly paper: string;
  readonly units?: readonly string[];
  /** What it must be read as coming to; not looked at where it is left out. */
  readonly answer?: string;
  /** Whether it is only begun. */
  readonly unfinished?: true;
  readonly kind?: string;
}
