import { describe, expect, it } from 'vitest';
import { CATALOGUE } from '@/core/catalogue/catalogue';
import type { Call } from '@/core/clean/call';
import type { ToldEvent } from '@/core/clean/events';
import type { Tick } from '@/core/clean/tick';
import { dayView } from '@/core/day/day-view';
import { runAtStart } from '@/core/day/pack';
import { runAfter } from '@/core/day/run';
import { secondOf } from '@/core/day/seconds';
import type { Campaign } from '@/core/problem/campaign';
import { expand } from '@/core/problem/expand';
import { plan } from '@/core/spread';
import { juniperRowUnderWay } from '@/demo/juniper-row';
import { stateOf } from '@/ui/testing/demo-state';
import { dayFile, whereOf } from './day-file';
import { dayText } from './day-text';
import { facesOf } from './step-face';

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

type Options = {
  date?: string;
  person?: string;
  latest?: typeof made;
  helper?: boolean;
  events?: ToldEvent[];
  earlier?: ToldEvent[];
  calls?: Call[];
};

/** The file of a day at a time, with more steps ticked off than the demo household has. */
function fileAt(at: string, ticks: readonly Tick[] = [], options: Options = {}) {
  const household = { ...loaded, calls: options.calls ?? [], ticks: [...loaded.ticks, ...ticks] };
  const now = `${TODAY}T${at}`;
  const state = stateOf(household, now, options.latest ?? made, first);
  return dayFile(state, state.campaign as Campaign, {
    made: 'once',
    keeper: 'phone',
    second: `${now}:00`,
    date: options.date ?? TODAY,
    person: options.person,
    helper: options.helper ?? false,
    earlier: options.earlier ?? [],
    events: options.events ?? [],
    seq: 0,
    revision: 1,
  });
}

/** What the screen shows of it. */
function screen(at: string, ticks: readonly Tick[] = [], options: Options = {}) {
  const file = fileAt(at, ticks, options);
  const run = runAfter(runAtStart(file.pack), file.events);
  const view = dayView(file.pack, run, secondOf(file.now), file.person);
  return { file, view, current: view.now && facesOf(file)(view.now) };
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

describe('dayFile', () => {
  it('says what, where and with what, and at its last step how one knows that it is done', () => {
    const { current } = screen('18:30', [], OF_BRAM);
    expect(current).toMatchObject({
      title: 'Degrease the tops of the cupboards · vacuum, spray',
      manner: 'Vacuum, spray',
      job: 'Degrease the tops of the cupboards',
      where: 'Kitchen, wall cupboards',
      who: 'Bram',
    });
    expect(current?.doneWhen).toBeUndefined();
    const tick = { step: current!.id, at: `${TODAY}T18:45` };
    const last = screen('18:53', [tick], OF_BRAM).current;
    expect(last?.doneWhen).toBe('Nothing sticks to the hand.');
    expect(last?.kit).toContain('washing soda, 30 g in 1 l of water');
    // What is mixed first is said once.
    expect(current?.kit.join()).not.toContain('washing soda');
    expect(current?.waters).toEqual(['Mix first: 30 g of washing soda in 1 l of water.']);
  });

  it('shows the soak that a tick sets going, with its clock', () => {
    const begun = screen('18:45', [], OF_BRAM).current!;
    const tick = { step: begun.id, at: `${TODAY}T18:45` };
    const { view, file, current } = screen('18:46', [tick], OF_BRAM);
    // Something else of the demo may be running as well.
    const soak = view.waits.find(({ step }) => file.words[step.id]?.manner === 'Degreaser works');
    expect(soak).toMatchObject({
      since: `${TODAY}T18:45`,
      ready: `${TODAY}T18:53`,
      latest: `${TODAY}T20:45`,
    });
    expect(current?.manner).not.toBe('Scrape, wipe, lay paper');
    expect(screen('18:53', [tick], OF_BRAM).current?.manner).toBe('Scrape, wipe, lay paper');
  });

  it('says where once, where the room and the stop have one name', () => {
    const at = (room: string, stop: string, count = 1, step?: string) =>
      whereOf(
        { room: { name: room }, stop: { name: stop }, fixture: { count } } as Parameters<typeof whereOf>[0],
        step,
      );
    expect([at('Toilet', 'Toilet'), at('Kitchen', 'Sink'), at('Hall', 'Lamp', 2)]).toEqual([
      'Toilet',
      'Kitchen, sink',
      'Hall, lamp, 2 of them',
    ]);
    // A step at one of four cupboards is not about four.
    expect(at('Kitchen', 'Wall', 4, 'wall:cupboard-sort/at-2')).toBe('Kitchen, wall');
  });

  it('names nobody where one person does it all', () => {
    const { file, view } = screen('18:30', [], OF_BRAM);
    const alone = { ...file, people: file.people.filter(({ id }) => id === 'bram') };
    expect(facesOf(alone)(view.now!).who).toBe('');
  });

  it('goes by person', () => {
    expect(fileAt('18:30', [], { person: 'bram' }).sessions.map(({ person }) => person)).toEqual(['bram']);
    const teodor = screen('18:30', [], { person: 'teodor' });
    expect(teodor.view).toMatchObject({ now: undefined, next: [], minutes: { done: 0, open: 0 } });
    expect(teodor.file.sessions).toEqual([]);
    const own = made.sessions.filter((session) => session.person === 'teodor').map((session) => session.date);
    expect(teodor.file.nextDate).toBe(own.sort()[0]);
  });

  it('adds up: what is open and what is done', () => {
    const before = screen('18:30');
    const tick = { step: before.current!.id, at: `${TODAY}T18:45` };
    const after = screen('18:46', [tick]);
    expect(after.view.minutes.done).toBe(before.current!.item.step.minutes);
    expect(after.view.minutes.open + after.view.minutes.done).toBe(before.view.minutes.open);
    expect(after.view.done.map(({ step }) => step.id)).toEqual([before.current!.id]);
  });

  it('has words for every step that it names', () => {
    const file = fileAt('18:30');
    const steps = file.pack.tasks.flatMap((task) => task.steps).map(({ id }) => id);
    expect(steps.filter((id) => !file.words[id])).toEqual([]);
  });

  it('shows a helper nothing but their own day', () => {
    const event = (id: string, act: ToldEvent['act'], person: string): ToldEvent => ({
      id,
      seq: 1,
      at: `${TODAY}T18:00:00`,
      person,
      act,
    });
    const others = [
      event('1', { do: 'found', find: 'buy', text: 'Something private' }, 'ines'),
      event('2', { do: 'pile', pile: 'give', count: 3 }, 'ines'),
    ];
    const call = { id: 'c', what: 'Have the boiler looked at', why: '', note: '', done: false, date: TODAY };
    const around = { events: others, earlier: others, calls: [call] };
    expect(fileAt('18:30', [], { ...OF_BRAM, ...around })).toMatchObject({ earlier: others, calls: [call] });
    const file = fileAt('18:30', [], { ...OF_BRAM, helper: true, ...around });
    const mine = new Set(
      withTops.entries.filter(({ people }) => people.includes('bram')).map(({ step }) => step),
    );
    expect(file.pack.entries.length).toBeGreaterThan(0);
    expect(file.pack.entries.every(({ step }) => mine.has(step))).toBe(true);
    expect(file.people.map(({ id }) => id)).toEqual(['bram']);
    expect([file.events, file.earlier, file.calls]).toEqual([[], [], []]);
    // Whoever works in a room has to know which, and some are named for who sleeps there.
    const text = JSON.stringify(file).replaceAll(/(Ines and Bram|Odalys|Teodor)’s (bed)?room/g, 'a room');
    for (const word of ['Ines', 'Odalys', 'Teodor', 'Something private']) expect(text).not.toContain(word);
  });

  it('hands a helper what was handed on to them, and takes away what was given to somebody else', () => {
    const [entry] = fileAt('18:30', [], OF_BRAM).pack.entries;
    const handed: ToldEvent = {
      id: '1',
      seq: 1,
      at: `${TODAY}T18:00:00`,
      act: { do: 'hand', step: entry!.step, to: 'ines' },
    };
    const steps = (person: string) =>
      fileAt('18:30', [], { latest: withTops, person, helper: true, events: [handed] }).pack.entries.map(
        ({ step }) => step,
      );
    expect(steps('ines')).toContain(entry!.step);
    expect(steps('bram')).not.toContain(entry!.step);
  });
});

describe('a day as a message', () => {
  it('has a line a step with who does it, and no name where it is one person’s', () => {
    const all = dayText(fileAt('17:00'));
    const [head, ...lines] = all.split('\n');
    expect(head).toBe('Monday 1 March');
    expect(lines).toHaveLength(fileAt('17:00').pack.entries.length);
    for (const line of lines) expect(line).toMatch(/^- \d\d:\d\d \p{L}+( and \p{L}+)*: .+, .+/u);
    const own = dayText(fileAt('17:00', [], { person: 'bram' }));
    expect(own).not.toContain('Bram:');
  });
});
