export type Whole = {
  readonly isUp: boolean;
  readonly pid: number;
  /** Its data folder. */
  readonly data: string;
  readonly base: string;
  readonly words: () => string;
  readonly ended: Promise<number | null>;
  readonly stop: () => Promise<number | null>;
};

export function startWhole(options: {
  readonly folder: string;
  readonly now?: string;
  readonly env?: Readonly<Record<string, string | undefined>>;
  readonly port?: number;
}): Promise<Whole>;
