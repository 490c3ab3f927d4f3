import type { ActionResult } from '@/present/forms/result';

/** One press, as it is sent: the id makes it count once, however often it is sent. */
export type Sent = { readonly id: string; readonly input?: unknown };

/** What the server carries out for a press. */
export type CommandAction<Value = undefined> = (sent: Sent) => Promise<ActionResult<Value>>;

/** What is said where the server does not answer, by what that means for the person. */
export const NO_ANSWER = {
  change: 'The server did not answer. Everything is as it was; try again in a moment.',
  form: 'The server did not answer. What you typed is still here; try again in a moment.',
} as const;

/** A refusal in its sentences. */
export function sentenceOf(result: Exclude<ActionResult, { ok: true }>): string {
  return result.faults.map((fault) => fault.sentence).join(' ');
}
