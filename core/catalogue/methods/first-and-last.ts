import type { MethodEntry } from '../method';
import { hands, per } from '../notation';

/** What is done in a room before the first job, and when the last is done. */
export const FIRST_AND_LAST: readonly MethodEntry[] = [
  {
    id: 'pick-up-round',
    fixture: 'pick-up',
    title: 'Pick up, clear the dishes, empty the bin, open the window',
    kind: 'belongings',
    layer: 0,
    steps: [
      hands('round', 'Once round with a basket: what lies about, dishes, bin; window open', {
        setUpMinutes: 2,
        rate: per('floorM2', 240),
      }),
    ],
    tools: ['basket', 'bag'],
    intervalMonths: 1,
    priority: 'could',
    hardness: 1,
    how: 'The basket goes round the house with you; nothing is decided yet.',
    doneWhen: 'The floor can be seen and nothing stands in the sink.',
  },
  {
    id: 'last-touches',
    fixture: 'last-touches',
    title: 'Freshen, flowers in, lamps on',
    kind: 'textiles',
    layer: 9,
    steps: [
      hands('freshen', 'Cushions up, textiles aired or freshened, flowers, lamps on', {
        setUpMinutes: 2,
        soiled: false,
        rate: per('floorM2', 480),
      }),
    ],
    tools: ['vase'],
    intervalMonths: 1,
    priority: 'could',
    hardness: 1,
    how: 'When the floor is dry: the room is for people again.',
    doneWhen: 'One would like to sit down in it.',
  },
];
