import { roomsOf } from '@/core/home/room';
import { thawLine } from '@/core/plan/thaw-line';
import type { Campaign, Current } from '@/core/problem/campaign';
import { outcomeOf } from '@/core/what-if/outcome';
import { fits, laddersFor } from '@/core/what-if/smallest';
import { whatIfsFor } from '@/core/what-if/what-if';
import { jobName } from '@/core/work/place-of-job';
import type { ActionResult } from '@/present/forms/result';
import { LinkButton } from '../parts/link-button';
import { PageHead } from '../parts/page-head';
import { WhatIfBoard } from './what-if-board';

type WhatIfPageProps = {
  readonly state: Current;
  readonly take: (input: unknown) => Promise<ActionResult<{ unplaced: number }>>;
};

/** What could be otherwise, each planned anew beside the plan in force. */
export function WhatIfPage({ state, take }: WhatIfPageProps) {
  const { campaign } = state;
  const plans = campaign?.plans;
  if (!campaign || !plans)
    return (
      <>
        <PageHead title="What if">
          There is no plan yet to hold anything against. Spread the work first, then ask here.
        </PageHead>
        <LinkButton href="/spread" variant="contained" size="large">
          To the house by day
        </LinkButton>
      </>
    );
  return (
    <>
      <PageHead
        title="What if"
        actions={
          <LinkButton href="/spread" color="inherit">
            The house by day
          </LinkButton>
        }
      >
        Each is planned anew from your own house, people and hours, and held against the same house spread
        anew. Nothing changes until you take one, and undo brings everything back.
      </PageHead>
      <div>{boardOf(state, campaign, plans, take)}</div>
    </>
  );
}

function boardOf(
  { household, tasks, today }: Current,
  { clean, problem }: Campaign,
  { first, latest }: NonNullable<Campaign['plans']>,
  take: WhatIfPageProps['take'],
) {
  const ladders = fits(latest.plan) ? [] : laddersFor(household.people, problem);
  return (
    <WhatIfBoard
      thaw={thawLine(problem, latest.plan, first.plan, today)}
      finish={clean.finish}
      today={today}
      now={outcomeOf(problem, latest.plan, today)}
      whatIfs={whatIfsFor({ ...household, clean })}
      ladders={ladders}
      rooms={roomsOf(household.home).map((room) => [room.id, room.name] as const)}
      jobs={
        ladders.length > 0
          ? tasks.map((task) => [task.id, `${jobName(task)}, ${task.room.name}`] as const)
          : []
      }
      take={take}
    />
  );
}
