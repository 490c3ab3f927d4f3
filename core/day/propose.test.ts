import { describe, expect, it } from 'vitest';
import type { DayItem, RunningWait } from './day-item';
import { propose } from './propose';
import { secondOf } from './seconds';

const NOW = secondOf('2027-03-01T18:00:00');
const item = (id: string, minutes: number) =>
  ({ step: { id, mode: 'hands', minutes }, people: ['ada'] }) as unknown as DayItem;
const wait = (ready: string, latest?: string, next: string | undefined = 'rinse') =>
  ({
    ready: `2027-03-01T${ready}`,
    latest: latest && `2027-03-01T${latest}`,
    next,
  }) as unknown as RunningWait;
const proposed = (items: readonly DayItem[], waits: readonly RunningWait[], awaited?: string) =>
  propose(items, waits, NOW, {
    minutesLeft: ({ step }) => step.minutes,
    isAwaited: ({ step }) => step.id === awaited,
  })?.step.id;

describe('propose', () => {
  const [long, middle, short] = [item('long', 60), item('middle', 25), item('short', 5)];

  it('goes by the plan while nothing soaks', () => {
    expect(proposed([long, middle], [])).toBe('long');
  });

  it('proposes what fits before the soak is over', () => {
    expect(proposed([long, middle, short], [wait('18:30')])).toBe('middle');
  });

  it('else what fits before it must be seen to', () => {
    expect(proposed([long, middle], [wait('18:10', '18:30')])).toBe('middle');
  });

  it('else the shortest', () => {
    expect(proposed([long, middle], [wait('18:10', '18:15')])).toBe('middle');
  });

  it('puts what a wait hangs on before all', () => {
    expect(proposed([long, item('rinse', 10)], [wait('17:59')])).toBe('rinse');
  });

  it('puts what somebody else waits for before all but that', () => {
    expect(proposed([long, middle, short], [wait('18:30')], 'long')).toBe('long');
    expect(proposed([long, middle], [], 'middle')).toBe('middle');
    expect(proposed([long, item('rinse', 10)], [wait('17:59')], 'long')).toBe('rinse');
  });

  it('leaves a wait aside that is hours away, or that nothing comes after', () => {
    expect(proposed([long, short], [wait('21:00')])).toBe('long');
    expect(proposed([long, short], [{ ...wait('18:10'), next: undefined }])).toBe('long');
  });

  it('proposes nothing where nothing is ready', () => {
    expect(proposed([], [wait('18:30')])).toBeUndefined();
  });
});
