/** What is printed, as plain data: every paper is put together from the same few blocks and drawn by one page. */
export type Sheet = {
  readonly title: string;
  readonly line?: string | undefined;
  readonly parts: readonly SheetPart[];
  /** Said where there is nothing to print. */
  readonly empty?: string | undefined;
  /** Whether it is wider than it is high. */
  readonly wide?: boolean;
};

export type SheetPart = {
  readonly title?: string | undefined;
  readonly line?: string | undefined;
  readonly blocks: readonly Block[];
  /** Whether it begins a page of its own. */
  readonly ownPage?: boolean;
};

export type Block =
  | { readonly is: 'lines'; readonly title?: string; readonly lines: readonly Line[] }
  | {
      readonly is: 'words';
      readonly title?: string;
      readonly words: readonly string[];
      readonly care?: boolean;
    }
  | { readonly is: 'table'; readonly head: readonly string[]; readonly rows: readonly (readonly string[])[] }
  | { readonly is: 'strip'; readonly strip: StripLines }
  /** Lines to write on, under their heading. */
  | { readonly is: 'ruled'; readonly title: string; readonly rows: number }
  /** A table to fill in by hand; what is known stands in it. */
  | {
      readonly is: 'form';
      readonly head: readonly string[];
      readonly rows: readonly (readonly string[])[];
      readonly blank: number;
    };

/** One thing on a list. */
export type Line = {
  /** A box to tick, one that is ticked, or none. */
  readonly box: 'open' | 'ticked' | 'none';
  /** `18:05 to 18:30`. */
  readonly at?: string;
  readonly what: string;
  readonly where?: string | undefined;
  /** `25 min`, `3 packs`. */
  readonly side?: string | undefined;
  /** What has to be known of it, a line each. */
  readonly more?: readonly string[];
};

/** A room unrolled in black lines: stops from the door on, heights from the ceiling down. */
export type StripLines = {
  /** As many stops side by side as fit. */
  readonly rows: readonly {
    readonly stops: readonly string[];
    readonly heights: readonly {
      readonly name: string;
      readonly cells: readonly (readonly StripThing[])[];
    }[];
  }[];
  /** What goes all round the room, from the ceiling down. */
  readonly round: readonly StripThing[];
};

export type StripThing = {
  readonly name: string;
  /** The numbers of its jobs in the list; none where it is clear. */
  readonly numbers: readonly number[];
};

/** A paper with nothing on it says why. */
export function emptySheet(title: string, empty: string): Sheet {
  return { title, empty, parts: [] };
}
