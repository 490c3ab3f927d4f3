/** What became of a file that was handed in. */
export type FileReport = {
  /** Whether anything was changed. */
  readonly taken: boolean;
  readonly sentence: string;
  /** What could not be read, each with where it stands. */
  readonly faults: readonly string[];
  /** How many fixtures could be read of a table that was only looked at. */
  readonly readable?: number;
  /** Names that nobody knows, with what they may be meant for. */
  readonly near?: readonly { readonly written: string; readonly kind: string; readonly name: string }[];
  /** Whether somebody has to say if the day or the month comes first. */
  readonly datesInDoubt?: boolean;
};
