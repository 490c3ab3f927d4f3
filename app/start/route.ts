import { redirect } from 'next/navigation';
import { answered } from '@/app/api/answered';
import { roomsOf } from '@/core/home/room';
import { startPage } from '@/present/aim/start-page';
import { currentOf } from '@/server/current';
import { currentScope } from '@/server/session';

/** Where the application opens from a phone: by the time of day, and by what is planned. */
export const GET = answered(async (): Promise<Response> => {
  const scope = await currentScope();
  if (!scope) redirect('/');
  const { household, campaign, now } = await currentOf(scope);
  redirect(
    startPage({
      now,
      hasRooms: roomsOf(household.home).length > 0,
      sessions: campaign?.clean.closed ? undefined : campaign?.plans?.latest.plan.sessions,
    }),
  );
});
