import { fc, test as prop } from '@fast-check/vitest';
import { describe, expect, it } from 'vitest';
import { type Known, type Shown, settle } from './identities';

const AT = { clean: 'spring', now: '2027-03-01T08:00' };

const event = (date: string, steps: readonly string[], more: Partial<Shown> = {}): Shown => ({
  person: 'ines',
  date,
  steps,
  look: `${date} ${steps.join()}`,
  ...more,
});

const given = (known: readonly Known[], shown: readonly Shown[], now = AT.now) =>
  settle(known, shown, { ...AT, now });

describe('which event is which', () => {
  const first = given([], [event('2027-03-02', ['a', 'b']), event('2027-03-04', ['c'])]).shown;

  it('names each by its person and date, and counts from nothing', () => {
    expect(first.map(({ uid, sequence }) => [uid, sequence])).toEqual([
      ['spring-ines-2027-03-02-1@early-thaw', 0],
      ['spring-ines-2027-03-04-1@early-thaw', 0],
    ]);
  });

  it('keeps what is as it was, word for word', () => {
    expect(
      given(first, [event('2027-03-02', ['a', 'b']), event('2027-03-04', ['c'])], '2027-03-09T08:00'),
    ).toEqual({
      shown: first,
      gone: [],
    });
  });

  it('follows a session to another date by what is done in it, and counts the change', () => {
    const { shown, gone } = given(
      first,
      [event('2027-03-06', ['a', 'b', 'd']), event('2027-03-04', ['c'])],
      '2027-03-02T09:00',
    );
    expect(shown[0]).toMatchObject({
      uid: 'spring-ines-2027-03-02-1@early-thaw',
      date: '2027-03-06',
      sequence: 1,
      changed: '2027-03-02T09:00',
    });
    expect(shown[1]).toEqual(first[1]);
    expect(gone).toEqual([]);
  });

  it('keeps the date’s event where all of its work is another, and makes none twice', () => {
    const { shown } = given(first, [event('2027-03-02', ['x']), event('2027-03-03', ['y'])]);
    expect(shown.map(({ uid }) => uid)).toEqual([
      'spring-ines-2027-03-02-1@early-thaw',
      'spring-ines-2027-03-03-1@early-thaw',
    ]);
  });

  it('calls off what is gone, once, tells of it for two months, and takes it up again', () => {
    const off = given(first, [event('2027-03-02', ['a', 'b'])]);
    expect(off.gone).toMatchObject([{ uid: first[1]?.uid, gone: true, sequence: 1 }]);
    const all = [...off.shown, ...off.gone];
    expect(given(all, [event('2027-03-02', ['a', 'b'])]).gone).toEqual(off.gone);
    expect(given(all, [event('2027-03-02', ['a', 'b'])], '2027-05-20T08:00').gone).toEqual([]);
    expect(given(all, [event('2027-03-02', ['a', 'b']), event('2027-03-04', ['c'])]).shown[1]).toMatchObject({
      uid: first[1]?.uid,
      gone: false,
      sequence: 2,
    });
  });

  it('never gives one person’s event to another', () => {
    const { shown } = given(first, [event('2027-03-02', ['a', 'b'], { person: 'bram' })]);
    expect(shown[0]?.uid).toBe('spring-bram-2027-03-02-1@early-thaw');
  });

  const shownEvents = fc.array(
    fc.record({
      person: fc.constantFrom('ines', 'bram'),
      date: fc.constantFrom('2027-03-02', '2027-03-03', '2027-03-04'),
      steps: fc.uniqueArray(fc.constantFrom('a', 'b', 'c', 'd', 'e'), { maxLength: 4 }),
      look: fc.string({ maxLength: 3 }),
    }),
    { maxLength: 6 },
  );
  prop.prop([fc.array(shownEvents, { minLength: 1, maxLength: 5 })], { seed: 18 })(
    'has one id an event whatever comes after what, and loses none',
    (plans) => {
      let known: readonly Known[] = [];
      for (const shown of plans) {
        const settled = given(known, shown);
        const all = [...settled.shown, ...settled.gone];
        expect(new Set(all.map(({ uid }) => uid)).size).toBe(all.length);
        expect(settled.shown).toHaveLength(shown.length);
        const left = new Set(all.map(({ uid }) => uid));
        for (const { uid } of known) expect(left.has(uid)).toBe(true);
        known = all;
      }
    },
  );
});
