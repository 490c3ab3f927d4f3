import type { Knex } from 'knex';
import type { HouseholdScope } from '../db/scope';
import { revisionTold, wishTold } from '../news/hub';
import { keep, upTo } from './kept';
import { Ledger } from './ledger';

/** A change of a household: the one way in which anything of it becomes another. */
export type Command<Answer> = {
  /** Given by whoever asks, so that what is sent twice is carried out once. */
  readonly id: string;
  /** Whether its plan can wait a moment for more changes. */
  readonly unhurried?: boolean;
  /** Decides what becomes of the household and writes it; what it returns is kept, and given again to a repeat. */
  readonly decide: (ledger: Ledger) => Promise<Answer>;
};

export type Performed<Answer> = {
  readonly answer: Answer;
  /** The number of the wish for a plan that came of it; undefined where none is wanted. */
  readonly wish: number | undefined;
};

/** A repeat comes within minutes, or from a phone that was without a network for days. */
const ANSWERS_DAYS = 30;

/** Answers that nobody will ask for again go. */
export async function forgetAnswers(db: Knex): Promise<void> {
  await db('commands')
    .where('at', '<', db.raw('now() - interval ? day', [ANSWERS_DAYS]))
    .del();
}

type Stored<Answer> = { readonly answer: Answer; readonly wish?: number };

/**
 * Carries a command out: holds the household, answers a repeat as it was answered before, lets the command decide by what
 * is there at this moment, and keeps all that it does together with its answer and the wish for a plan. Everybody is told
 * once, when it is kept.
 */
export async function perform<Answer>(
  scope: HouseholdScope,
  { id, unhurried = false, decide }: Command<Answer>,
): Promise<Performed<Answer>> {
  const { stored, ledger } = await scope.transaction(async (inside) => {
    const standing = await inside.lock(id);
    if (standing.answer !== null)
      return { stored: JSON.parse(standing.answer) as Stored<Answer>, ledger: undefined };
    const held = new Ledger(inside, await upTo(inside, standing), standing, id);
    const answer = await decide(held);
    const { wishNumber } = held;
    const kept: Stored<Answer> = { answer, ...(wishNumber !== undefined && { wish: wishNumber }) };
    await held.close(JSON.stringify(kept));
    return { stored: kept, ledger: held };
  });
  if (ledger) {
    const left = ledger.left();
    if (left) keep(scope, left);
    // Where a plan is wished for, everybody hears that all is another once it is there.
    revisionTold(scope.household, ledger.told, ledger.isAnother && stored.wish === undefined);
  }
  if (stored.wish !== undefined) wishTold(scope.household, unhurried ? 'soon' : 'now');
  return { answer: stored.answer, wish: stored.wish };
}
