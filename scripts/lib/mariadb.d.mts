export type OwnMariaDb = {
  readonly url: string;
  readonly secret: string;
  readonly pid: number;
  readonly ended: Promise<unknown>;
  readonly stop: () => Promise<void>;
};

export function startMariaDb(options: {
  readonly folder: string;
  readonly port: number;
  readonly databases?: string;
  readonly env?: Readonly<Record<string, string>>;
}): Promise<OwnMariaDb>;
