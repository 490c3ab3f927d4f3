/** A throw-away folder for tests, in memory where there is room. */
export function quickFolder(name: string): string;
