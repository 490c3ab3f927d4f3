import { randomFrom } from '../../basics/random';
import { WORK_KINDS, type WorkKind } from '../../catalogue/work-kinds';
import type { RecordLine } from '../../clean/record-line';

/** A household whose peculiarities are known, and the ticks that it would leave. */
export type Peculiar = {
  readonly seed: number;
  readonly ticksAKind: number;
  readonly kinds?: Partial<Record<WorkKind, number>>;
  readonly people?: Readonly<Record<string, number>>;
  /** The share of ticks for which somebody was at the door: up to three times as long. */
  readonly atTheDoor?: number;
};

export const KINDS = Object.keys(WORK_KINDS).filter(
  (kind) => !['outside', 'household'].includes(kind),
) as WorkKind[];
export const JOBS_A_KIND = 4;
const ROOMS = 7;
const DEVIATIONS_IN_RANGE = 1.2816;

/** Work of every kind by turns, two of each a day, each within its range in four of five cases. */
export function ticksOf({ seed, ticksAKind, kinds = {}, people, atTheDoor = 0.03 }: Peculiar): RecordLine[] {
  const random = randomFrom(seed);
  const normal = () => Math.sqrt(-2 * Math.log(1 - random())) * Math.cos(2 * Math.PI * random());
  const names = Object.keys(people ?? { ada: 1, ben: 1 });
  const days = new Map<string, number>();
  return Array.from({ length: ticksAKind }, (_, turn) => turn).flatMap((turn) =>
    KINDS.map((kind): RecordLine => {
      const person = names[Math.floor(random() * names.length)] as string;
      const day = `${person}/${Math.floor(turn / 2)}`;
      if (!days.has(day)) days.set(day, normal());
      const minutes = 3 + Math.floor(random() * 30);
      const wide = kind === 'belongings' ? { low: 0.6, high: 1.7 } : { low: 0.8, high: 1.3 };
      const [low, high] = [minutes * wide.low, minutes * wide.high];
      const deviation = 0.1 * (days.get(day) as number) + 0.995 * normal();
      const side = (deviation > 0 ? high - minutes : minutes - low) / DEVIATIONS_IN_RANGE;
      const held = random() < atTheDoor ? 1 + 2 * random() : 1;
      const real = (minutes + deviation * side) * (kinds[kind] ?? 1) * (people?.[person] ?? 1) * held;
      const method = `${kind}-${Math.floor(random() * JOBS_A_KIND)}`;
      return {
        id: `line-${turn}-${kind}`,
        at: `2027-03-${String(1 + (Math.floor(turn / 2) % 28)).padStart(2, '0')}T18:00`,
        step: `thing:${method}:do`,
        mode: 'hands',
        ends: true,
        method,
        kind,
        job: `Do ${method}`,
        fixture: 'thing',
        thing: 'Thing',
        room: `room-${Math.floor(random() * ROOMS)}`,
        place: 'Room',
        person,
        name: person,
        estimate: { minutes, low, high },
        seconds: Math.max(15, Math.round((real * 60) / 15) * 15),
        cameOut: 'clean',
      };
    }),
  );
}
