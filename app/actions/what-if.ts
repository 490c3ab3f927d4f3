'use server';
import { z } from 'zod';
import { idSchema } from '@/core/formats/scalars';
import { changeOf } from '@/core/what-if/change-of';
import { whatIfSchema } from '@/core/what-if/what-if-schema';
import { edit } from '@/server/editing';
import { keptHousehold } from '@/server/kept';
import { type ActionResult, refused } from '@/ui/forms/result';
import { REFUSAL_WORDS } from '@/ui/walk/change-words';
import { whatIfWords } from '@/ui/what-if/what-if-words';
import { act } from './act';
import { spread } from './clean';

const takeSchema = z.strictObject({ id: idSchema.max(64), whatIf: whatIfSchema });

/** Carries out a what-if, and spreads the work anew. */
export async function takeWhatIf(input: unknown): Promise<ActionResult<{ unplaced: number }>> {
  const kept = await act(takeSchema, input, async (scope, { id, whatIf }) => {
    const { household } = await keptHousehold(scope);
    const { clean } = household;
    if (!clean) return refused(REFUSAL_WORDS.gone);
    const rooms = household.home.floors.flatMap((floor) => floor.rooms);
    const words = whatIfWords(whatIf, new Map(rooms.map((room) => [room.id, room.name])));
    const made = await edit(scope, id, changeOf(whatIf, { ...household, clean }), () => words);
    return made.ok ? { ok: true, value: undefined } : refused(REFUSAL_WORDS[made.why]);
  });
  return kept.ok ? spread() : kept;
}
