/** What goes out to somebody. */
export type Letter = { readonly to: string; readonly subject: string; readonly text: string };
