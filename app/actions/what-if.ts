'use server';
import { REFUSALS } from '@/core/household/refusals';
import { changeOf } from '@/core/what-if/change-of';
import { whatIfSchema } from '@/core/what-if/what-if-schema';
import { type ActionResult, refused } from '@/present/forms/result';
import { whatIfWords } from '@/present/what-if/what-if-words';
import { changeBy } from '@/server/commands/change';
import { act } from './act';
import { afterSpread, spreadNow } from './spread-now';

/**
 * Carries out a what-if and spreads the work anew, in one go: from the plan that the what-if was planned from, so that what
 * it found is found again.
 */
export async function takeWhatIf(sent: unknown): Promise<ActionResult<{ unplaced: number }>> {
  return act('takeWhatIf', whatIfSchema, sent, async (scope, whatIf, id) => {
    const { answer, wish } = await changeBy<null, 'gone'>(scope, id, ({ household }) => {
      const { clean } = household;
      if (!clean) return { ok: false, why: 'gone' };
      const rooms = household.home.floors.flatMap((floor) => floor.rooms);
      const words = whatIfWords(whatIf, new Map(rooms.map((room) => [room.id, room.name])));
      return { ok: true, change: changeOf(whatIf, { ...household, clean }), words, value: null, anew: true };
    });
    if (!answer.ok) return refused(REFUSALS[answer.why]);
    return wish === undefined ? spreadNow(scope, `${id} spread`) : afterSpread(scope, wish);
  });
}
