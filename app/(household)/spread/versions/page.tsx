import type { Metadata } from 'next';
import { goBackTo } from '@/app/actions/steer';
import { soonestDate } from '@/core/spread';
import { current } from '@/server/current';
import { loadAllPlans } from '@/server/repositories/clean';
import { requireScope } from '@/server/session';
import { VersionsPage } from '@/ui/spread/versions-page';

export const metadata: Metadata = { title: 'Plans so far' };

export default async function Page() {
  const { household, tasks, campaign } = await current();
  const plans = campaign ? await loadAllPlans(await requireScope(), campaign.clean.id) : [];
  const names = new Map(tasks.map((task) => [task.id, `${task.method.title}, ${task.room.name}`]));
  const people = new Map(household.people.map((person) => [person.id, person.name]));
  return (
    <VersionsPage
      plans={plans}
      names={{ task: names, person: people }}
      soonest={campaign && soonestDate(campaign)}
      goBack={goBackTo}
    />
  );
}
