export function startPlanner(env: Readonly<Record<string, string>>): Promise<{
  readonly pid: number;
  readonly code: Promise<number>;
  readonly ended: Promise<void>;
  readonly stop: () => Promise<void>;
  readonly words: () => string;
}>;
