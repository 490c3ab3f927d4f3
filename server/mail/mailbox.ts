import { processWide } from '../process/process-wide';
import type { Letter } from './letter';

/** A mailbox that stands in for a mail service while nobody has named one: its letters are read on a page. */

export type KeptLetter = Letter & { readonly at: string };

const MOST_LETTERS = 50;

const box = processWide('mailbox', () => [] as KeptLetter[]);

export function keepLetter(letter: Letter): void {
  box.unshift({ ...letter, at: new Date().toISOString() });
  box.length = Math.min(box.length, MOST_LETTERS);
}

/** The latest first. */
export function letters(): readonly KeptLetter[] {
  return box;
}
