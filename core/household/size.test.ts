import { describe, expect, it } from 'vitest';
import { juniperRow } from '../../demo/juniper-row';
import { MOST } from '../basics/limits';
import { usualStops } from '../furnish/templates';
import { applyChange } from './change';
import type { Editable } from './editable';
import { sizeOf, tooMuchOf } from './size';

const {
  format: _f,
  version: _v,
  name: _n,
  timezone: _t,
  ticks: _k,
  parts: _p,
  events: _e,
  plans: _l,
  ...demo
} = juniperRow('2027-03-01');
const before: Editable = demo;
const many = <T>(count: number, of: (i: number) => T) => Array.from({ length: count }, (_, i) => of(i));

describe('how much a household holds', () => {
  it('is counted', () => {
    expect(sizeOf(before)).toMatchObject({ rooms: 13, people: 4 });
    expect(tooMuchOf(before)).toEqual([]);
  });

  it('does not grow beyond what the tables hold, by no way', () => {
    const full: Editable = {
      ...before,
      home: { ...before.home, floors: many(MOST.floors, (i) => ({ id: `f${i}`, name: `${i}`, rooms: [] })) },
      people: many(MOST.people, (i) => ({ ...before.people[0]!, id: `p${i}` })),
    };
    const one = { ...before.people[0]!, id: 'one-more' };
    for (const change of [
      { do: 'add-floor' as const, id: 'more', name: 'More' },
      { do: 'put-member' as const, member: one },
      { do: 'several' as const, changes: [{ do: 'put-member' as const, member: one }] },
    ])
      expect(applyChange(full, change), change.do).toEqual({ ok: false, why: 'too-much' });
    expect(applyChange(full, { do: 'put-member', member: { ...full.people[0]!, name: 'Mira' } }).ok).toBe(
      true,
    );
  });

  it('holds no more jobs and rules of its own, and no more said of single jobs, than anybody would write', () => {
    const rule = { id: 'own-0', after: { kinds: ['floors' as const] }, before: { kinds: ['dust' as const] } };
    const full = {
      ...before,
      rules: { ...before.rules, own: many(MOST.ownRules + 1, (i) => ({ ...rule, id: `own-${i}` })) },
      marks: many(MOST.marks + 1, (i) => ({ of: 'task' as const, id: `t${i}`, redo: true })),
    } as unknown as Editable;
    expect(tooMuchOf(full)).toEqual(['ownRules', 'marks']);
  });

  it('may shrink where it is too much', () => {
    const floors = many(MOST.floors + 5, (i) => ({ id: `f${i}`, name: `${i}`, rooms: [] }));
    const over: Editable = { ...before, home: { ...before.home, floors } };
    expect(applyChange(over, { do: 'drop-floor', id: 'f1' }).ok).toBe(true);
    const room = { id: 'r', name: 'R', kind: 'study' as const, lengthM: 3, widthM: 3, heightM: 2.4 };
    expect(applyChange(over, { do: 'add-room', floorId: 'f2', room }).ok).toBe(true);
    expect(usualStops(room).length).toBeGreaterThan(0);
  });
});
