import { NextResponse } from 'next/server';
import { permitted } from '@/app/access/permitted';
import { answered } from '@/app/api/answered';
import { anySearchOf } from '@/server/planning/far-searches';
import { currentScope, isSameOrigin } from '@/server/session';

/** How far the search for the household's plan has come; null where none is under way. */
export const GET = answered(async (): Promise<Response> => {
  const scope = await currentScope();
  if (!scope) return new Response(null, { status: 401 });
  const progress = anySearchOf(scope.household)?.progress() ?? null;
  return NextResponse.json(progress, { headers: { 'cache-control': 'no-store' } });
});

/** Ends the search: the best plan that was found is kept. */
export const DELETE = answered(async (): Promise<Response> => {
  if (!(await isSameOrigin())) return new Response(null, { status: 403 });
  const asked = await permitted('DELETE /api/plan/search');
  if (!asked.ok) return new Response(null, { status: asked.status });
  anySearchOf(asked.scope.household)?.stop();
  return new Response(null, { status: 204 });
});
