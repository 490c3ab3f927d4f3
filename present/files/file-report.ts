/** What became of a file that was handed in. */
export type FileReport = {
  /** Whether anything was changed. */
  readonly taken: boolean;
  readonly sentence: string;
  /** What could not be read, each with where it stands. */
  readonly faults: readonly string[];
  /** How many fixtures could be read of a table that was only looked at. */
  readonly readable?: number;
};
