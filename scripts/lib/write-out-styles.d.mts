type Css = (...styles: Readonly<Record<string, unknown>>[]) => string;

/** The source with the names of classes in place of calls of `css`, and how its places lie to the old ones. */
export function writtenOut(
  source: string,
  css: Css,
  file?: string,
): { readonly code: string; readonly map: object };
