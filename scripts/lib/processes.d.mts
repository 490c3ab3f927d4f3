export type ProcessIdentity = { readonly pid: number; readonly startedAt: string | undefined };

export function identityOf(pid: number): ProcessIdentity;
export function isAlive(one: ProcessIdentity): boolean;
export function end(one: ProcessIdentity, mostMs?: number): Promise<void>;
