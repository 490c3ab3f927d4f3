export function isPortFree(port: number): Promise<boolean>;
export function freePort(): Promise<number>;
