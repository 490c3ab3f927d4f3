import { describe, expect, it } from 'vitest';
import type { DayItem } from '@/core/day/day-item';
import type { DayView } from '@/core/day/day-view';
import { RESTED, type Run } from '@/core/day/run';
import { secondOf } from '@/core/day/seconds';
import type { DayFile, DayPerson } from './day-file';
import {
  alikeTo,
  facesOf,
  isDoneWith,
  isOver,
  mayGoAgain,
  nameOf,
  othersFor,
  soakBefore,
  stepsAfter,
  tooLongWords,
  workNote,
} from './step-face';

const person = (id: string, ...cannot: string[]): DayPerson => ({
  id,
  name: id[0]!.toUpperCase() + id.slice(1),
  cannot,
  breakAfter: 60,
  breakLength: 10,
});
const fileOf = (...people: DayPerson[]) =>
  ({
    person: 'ada',
    people,
    words: { 'taps/wrap': { title: 'Wrap', job: 'Taps', where: 'Basin', room: 'Bath', how: 'So.' } },
  }) as unknown as DayFile;
const steps = ['taps/wrap', 'taps/soak', 'taps/rinse'].map((id) => ({ id, mode: 'hands', minutes: 5 }));
const itemOf = (id: string, people: string[], tags: string[] = []) =>
  ({
    step: { id, mode: 'hands', minutes: 5, tags },
    task: { id: 'taps', steps },
    people,
    start: '2027-03-01T18:00',
    end: '2027-03-01T18:05',
  }) as unknown as DayItem;

const TWO = fileOf(person('ada'), person('ben', 'ladder'));

describe('the face of a step', () => {
  it('has the words of the day and names who does it', () => {
    const face = facesOf(TWO)(itemOf('taps/wrap', ['ada', 'ben']));
    expect(face).toMatchObject({ id: 'taps/wrap', title: 'Wrap', room: 'Bath', who: 'Ada and Ben' });
  });

  it('names nobody where one person does it all', () => {
    expect(facesOf(fileOf(person('ada')))(itemOf('taps/wrap', ['ada'])).who).toBe('');
  });

  it('has a sentence also for a step and a person that are gone meanwhile', () => {
    const face = facesOf(TWO)(itemOf('gone/step', ['cem']));
    expect(face).toMatchObject({ title: 'A step that has changed meanwhile', who: 'Somebody', cautions: [] });
    expect(nameOf(undefined, TWO)).toBe('Somebody');
  });

  it('is the same one for as long as nothing at it is another', () => {
    const faces = facesOf(TWO);
    expect(faces(itemOf('taps/wrap', ['ada']))).toBe(faces(itemOf('taps/wrap', ['ada'])));
    expect(faces(itemOf('taps/wrap', ['ben']))).not.toBe(faces(itemOf('taps/wrap', ['ada'])));
  });
});

describe('a step that is longer than what is left', () => {
  const sessions = [{ person: 'ada', start: '2027-03-01T18:00', end: '2027-03-01T18:30' }];
  const said = (person: string, clock: string) =>
    tooLongWords(itemOf('taps/wrap', [person]), { ...TWO, sessions }, secondOf(`2027-03-01T${clock}:00`));

  it('is said so, and only then', () => {
    expect(said('ada', '18:25')).toBeUndefined();
    expect(said('ada', '18:26')).toMatch(/^Longer than what is left: 4 min until 18:30\./);
    // Outside the session, or in another's, nothing is left over.
    expect(said('ada', '18:30')).toBeUndefined();
    expect(said('ben', '18:26')).toBeUndefined();
  });
});

describe('what is alike, and what can be done again', () => {
  const thing = (face: string) => ({ title: face, thing: face }) as never;
  const words = { 'taps/wrap': thing('Tap'), 'sink/wash': thing('Tap'), 'sink/dry': thing('Tap') };
  const file = { ...TWO, words: { ...words, 'hob/wipe': thing('Hob') } } as unknown as DayFile;
  const of = (id: string) => ({ ...itemOf(id, ['ada']), task: { id: id.split('/')[0], steps } }) as DayItem;

  it('is each other job on the same sort of thing, once', () => {
    const face = facesOf(file);
    const next = ['sink/wash', 'sink/dry', 'hob/wipe', 'taps/rinse'].map(of);
    const alike = alikeTo(face(of('taps/wrap')), { next } as unknown as DayView, face);
    expect(alike.map(({ id }) => id)).toEqual(['sink/wash']);
  });

  it('is the soak before a step, with what set it going; never a machine, nor a step without one', () => {
    const soaked = (machine?: string) => ({
      ...itemOf('taps/rinse', ['ada']),
      task: {
        id: 'taps',
        steps: [
          steps[0],
          { id: 'taps/soak', mode: 'wait', minutes: 60, ...(machine && { machine }) },
          steps[2],
        ],
      },
    });
    expect(soakBefore(soaked() as DayItem)).toEqual({ step: 'taps/soak', also: ['taps/wrap'] });
    expect(soakBefore(soaked('washer') as DayItem)).toBeUndefined();
    expect(soakBefore(itemOf('taps/wrap', ['ada']))).toBeUndefined();
  });
});

describe('what hangs on a step', () => {
  it('is all of its task that comes after it', () => {
    expect(stepsAfter(itemOf('taps/wrap', []))).toEqual(['taps/soak', 'taps/rinse']);
    expect(stepsAfter(itemOf('taps/rinse', []))).toEqual([]);
  });

  it('may be handed to whoever does not have it and may do it', () => {
    const names = (item: DayItem) => othersFor(item, TWO).map(({ id }) => id);
    expect(names(itemOf('taps/wrap', ['ada']))).toEqual(['ben']);
    expect(names(itemOf('taps/wrap', ['ada'], ['ladder']))).toEqual([]);
    expect(names(itemOf('taps/wrap', ['ada', 'ben']))).toEqual([]);
  });
});

describe('a second go', () => {
  const dirty: Run = { ...RESTED, cameOut: new Map([['taps/rinse', 'dirty']]) };

  it('is offered at the end of a job that did not come clean, and once', () => {
    const rinse = itemOf('taps/rinse', []);
    expect(mayGoAgain(rinse, RESTED)).toBe(false);
    expect(mayGoAgain(rinse, { ...dirty, cameOut: new Map([['taps/rinse', 'clean']]) })).toBe(false);
    expect(mayGoAgain(rinse, dirty)).toBe(true);
    expect(mayGoAgain(rinse, { ...dirty, secondGoes: new Set(['taps/rinse']) })).toBe(false);
    const wrap: Run = { ...RESTED, cameOut: new Map([['taps/wrap', 'dirty']]) };
    expect(mayGoAgain(itemOf('taps/wrap', []), wrap)).toBe(false);
    const second = { ...rinse, task: { ...rinse.task, id: 'taps:descale.51' } } as DayItem;
    expect(mayGoAgain(second, dirty)).toBe(false);
  });
});

describe('who is at a step', () => {
  const runWith = (by: string | undefined, since: number | undefined): Run => ({
    ...RESTED,
    work: new Map([['taps/wrap', { by, spent: 0, since }]]),
  });

  it('is said of others, while they are at it', () => {
    expect(workNote('taps/wrap', runWith('ben', 10), TWO)).toBe('Ben is at it');
    expect(workNote('taps/wrap', runWith('ben', undefined), TWO)).toBeUndefined();
    expect(workNote('taps/wrap', runWith('ada', 10), TWO)).toBeUndefined();
    expect(workNote('taps/rinse', runWith('ben', 10), TWO)).toBeUndefined();
  });
});

describe('a day', () => {
  const view = (now: number, next: number, done: number) =>
    ({
      now: now > 0 ? itemOf('taps/wrap', []) : undefined,
      next: Array(next).fill(itemOf('taps/wrap', [])),
      done: Array(done).fill(itemOf('taps/wrap', [])),
    }) as unknown as DayView;

  it('is over when nothing is left of it and something was done', () => {
    expect([view(0, 0, 2), view(1, 0, 2), view(0, 1, 2), view(0, 0, 0)].map(isOver)).toEqual([
      true,
      false,
      false,
      false,
    ]);
  });

  it('is done with also when nothing was done', () => {
    expect([view(0, 0, 0), view(0, 1, 0), view(1, 0, 1)].map(isDoneWith)).toEqual([true, false, false]);
  });
});
