import { describe, expect, it } from 'vitest';
import { CATALOGUE } from '@/core/catalogue/catalogue';
import type { Campaign, Current } from '@/core/clean/campaign';
import { expand } from '@/core/clean/expand';
import { listTasks, tasksOf } from '@/core/clean/tasks';
import { workOf } from '@/core/clean/work';
import type { Tick } from '@/core/formats/household';
import { orderWork } from '@/core/order/ordered';
import { plan } from '@/core/spread/plan';
import { juniperRowUnderWay } from '@/demo/juniper-row';
import { type DayScreen, dayScreen } from './day-model';

const TODAY = '2027-03-01';
const { household: demo, first } = juniperRowUnderWay(TODAY);
/** The tops of the kitchen cupboards are still to do here, whatever the demo has done by today. */
const TOPS = 'kitchen-5-cupboard-tops:cupboard-tops-clean';
const loaded = { ...demo, ticks: demo.ticks.filter(({ step }) => !step.startsWith(TOPS)) };
const made = plan(expand(loaded, CATALOGUE, `${TODAY}T17:00`), {
  problemHash: '0'.repeat(64),
  seed: 1,
  stop: () => true,
});

/** The screen at a time of day, with more steps ticked off than the demo household has. */
function screen(
  at: string,
  ticks: readonly Tick[] = [],
  options: { date?: string; person?: string; latest?: typeof made } = {},
): DayScreen {
  const household = { ...loaded, ticks: [...loaded.ticks, ...ticks] };
  const now = `${TODAY}T${at}`;
  const keep = (version: number, kept: typeof made) => ({ version, basis: '', madeAt: '', plan: kept });
  const campaign: Campaign = {
    clean: household.clean,
    problem: expand(household, CATALOGUE, now),
    plans: { first: keep(1, first), latest: keep(2, options.latest ?? made) },
    stale: false,
  };
  const tasks = tasksOf(workOf(household, CATALOGUE));
  const state: Current = {
    household,
    now,
    today: TODAY,
    tasks,
    order: orderWork(tasks, household.home, household.rules, household.clean.grouping),
    listed: listTasks(workOf(household, CATALOGUE)),
    edits: {},
    campaign,
  };
  return dayScreen(state, campaign, options.date ?? TODAY, options.person);
}

/** The plan with them put at half past six, for Bram. */
const byBram = (step: string, from: string, to: string) => ({
  step: `${TOPS}/${step}`,
  people: ['bram'],
  start: `${TODAY}T${from}`,
  end: `${TODAY}T${to}`,
});
const pins = [byBram('spray', '18:30', '18:45'), byBram('wipe', '18:53', '19:49')];
const withTops = plan(
  expand({ ...loaded, steering: { ...loaded.steering, pins } }, CATALOGUE, `${TODAY}T17:00`),
  { problemHash: '0'.repeat(64), seed: 1, stop: () => true },
);
const OF_BRAM = { latest: withTops, person: 'bram' };

describe('dayScreen', () => {
  it('says what, where, with what and how one knows it is done', () => {
    const { current } = screen('18:30', [], OF_BRAM);
    expect(current).toMatchObject({
      title: 'Vacuum, spray',
      job: 'Degrease the tops of the cupboards',
      where: 'Kitchen, wall cupboards',
      who: 'Bram',
      doneWhen: 'Nothing sticks to the hand.',
      ready: true,
    });
    expect(current?.kit).toContain('washing soda, 30 g in 1 l of water');
  });

  it('shows the soak that a tick sets going, with its clock', () => {
    const begun = screen('18:45', [], OF_BRAM).current!;
    const { waits, current } = screen('18:46', [{ step: begun.id, at: `${TODAY}T18:45` }], OF_BRAM);
    // Something else of the demo may be running as well.
    expect(waits.find((wait) => wait.title === 'Degreaser works')).toMatchObject({
      since: `${TODAY}T18:45`,
      ready: `${TODAY}T18:53`,
      latest: `${TODAY}T20:45`,
    });
    expect(current?.title).not.toBe('Scrape, wipe, lay paper');
    const ready = screen('18:53', [{ step: begun.id, at: `${TODAY}T18:45` }], OF_BRAM);
    expect(ready.current?.title).toBe('Scrape, wipe, lay paper');
  });

  it('shows running soaks on no other day', () => {
    const begun = screen('18:45', [], OF_BRAM).current!;
    const tomorrow = { ...OF_BRAM, date: '2027-03-02' };
    expect(screen('18:46', [{ step: begun.id, at: `${TODAY}T18:45` }], tomorrow).waits).toEqual([]);
  });

  it('goes by person', () => {
    expect(screen('18:30', [], { person: 'bram' }).sessions.map((session) => session.name)).toEqual(['Bram']);
    expect(screen('18:30', [], { person: 'teodor' })).toMatchObject({
      current: undefined,
      next: [],
      sessions: [],
      minutes: { done: 0, open: 0 },
    });
    const own = made.sessions.filter((session) => session.person === 'teodor').map((session) => session.date);
    expect(screen('18:30', [], { person: 'teodor' }).nextDate).toBe(own.sort()[0]);
  });

  it('counts what has slipped from earlier days, today only', () => {
    const stale = { latest: first };
    expect(screen('17:00', [], stale).slipped).toBeGreaterThan(0);
    expect(screen('17:00').slipped).toBe(0);
    expect(screen('17:00', [], { ...stale, date: '2027-03-02' }).slipped).toBe(0);
  });

  it('adds up: what is open and what is done', () => {
    const before = screen('18:30');
    const after = screen('18:46', [{ step: before.current!.id, at: `${TODAY}T18:45` }]);
    expect(after.minutes.done).toBe(before.current!.minutes);
    expect(after.minutes.open + after.minutes.done).toBe(before.minutes.open);
    expect(after.done.map((step) => step.id)).toEqual([before.current!.id]);
  });
});
