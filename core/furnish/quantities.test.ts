import { describe, expect, it } from 'vitest';
import { furnish } from '../../demo/furnish';
import { fixturesOf } from '../home/room';
import { quantityOf, unitOf } from './quantities';

/** Four by three metres, two and a half high: a door of 0.8 × 2, two windows of 1.2 × 1.5. */
const room = furnish({
  id: 'study',
  name: 'Study',
  kind: 'study',
  sizeM: [4, 3, 2.5],
  shell: ['ceiling', 'walls', 'skirting', 'hard-floor'],
  stops: [
    ['Door', { kind: 'door', size: { widthM: 0.8, heightM: 2 } }],
    ['Windows', { kind: 'window', count: 2, size: { widthM: 1.2, heightM: 1.5 } }],
    ['Shelves', { kind: 'shelf', count: 3, size: { shelfM: 4 } }, 'drawers'],
  ],
});
const the = (kind: string) => fixturesOf(room).find((fixture) => fixture.kind === kind)!;

describe('how much there is to do', () => {
  it.each([
    ['floorM2', 'hard-floor', 12],
    ['ceilingM2', 'ceiling', 12],
    // 14 m round × 2.5 m, less 1.6 m² of door and 3.6 m² of windows.
    ['wallM2', 'walls', 29.8],
    // 14 m round, less the door.
    ['skirtingM', 'skirting', 13.2],
    ['each', 'window', 2],
    ['widthM', 'window', 2.4],
    ['faceM2', 'window', 3.6],
    ['shelfM', 'shelf', 12],
  ] as const)('%s of %s follows from the sizes of room and things', (quantity, kind, amount) => {
    expect(quantityOf(quantity, the(kind), room)).toBeCloseTo(amount, 9);
  });

  it('is the usual one of its kind where nobody has measured', () => {
    const usual = quantityOf('drawers', the('drawers'), room);
    expect(usual).toBeGreaterThan(1);
    expect(quantityOf('drawers', { ...the('drawers'), count: 2 }, room)).toBe(2 * usual);
    expect(quantityOf('slats', the('door'), room)).toBe(1);
  });

  it('is never nothing, even in a closet that is all doors', () => {
    const doors = { ...the('door'), count: 9, size: { widthM: 2, heightM: 2.5 } };
    const closet = { ...room, stops: [{ id: 'all', name: 'All', shell: false, fixtures: [doors] }] };
    expect(quantityOf('wallM2', the('walls'), closet)).toBe(1);
    expect(quantityOf('skirtingM', the('skirting'), closet)).toBe(1);
  });

  it('is said in its unit', () => {
    expect([unitOf('each'), unitOf('wallM2'), unitOf('shelfM')]).toEqual(['', 'm²', 'm of shelf']);
  });
});
