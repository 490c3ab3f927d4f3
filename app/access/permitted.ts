import { isEnough } from '@/core/household/roles';
import { NOT_YOURS } from '@/present/access/role-words';
import type { HouseholdScope } from '@/server/db/scope';
import { currentVisit } from '@/server/session';
import { type Doing, MAY } from './may';

/** Who asks a route, where they may; else what it answers, and a sentence for it. */
export type Permitted =
  | { readonly ok: true; readonly scope: HouseholdScope }
  | { readonly ok: false; readonly status: 401 | 403; readonly sentence: string };

const SIGNED_OUT = 'You are signed out by now. Sign in again and try once more. Nothing was changed.';

export async function permitted(doing: Doing): Promise<Permitted> {
  const visit = await currentVisit();
  if (!visit) return { ok: false, status: 401, sentence: SIGNED_OUT };
  const asked = MAY[doing];
  if (!isEnough(visit.role, asked)) return { ok: false, status: 403, sentence: NOT_YOURS[asked] };
  return { ok: true, scope: visit.scope };
}
