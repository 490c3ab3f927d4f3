export type RunningApplication = {
  readonly pid: number | undefined;
  readonly ended: Promise<unknown>;
  readonly stop: () => Promise<void>;
  readonly words: () => string;
};

export function ensureBuild(): string;
export function prepareDatabase(env: Readonly<Record<string, string>>): Promise<string>;
export function startApplication(options: {
  readonly port: number;
  readonly env: Readonly<Record<string, string>>;
  readonly dev?: boolean;
}): Promise<RunningApplication>;
