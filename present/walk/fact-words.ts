import type { FactName } from '@/core/home/facts';
import type { Ventilation, WayRound } from '@/core/home/room';

/** What is asked about the house, and what each answer is used for. */
export const FACT_QUESTIONS: Record<
  Exclude<FactName, 'builtYear' | 'latitude' | 'wetDays' | 'quiet' | 'weeklyRound'>,
  { ask: string; use: string }
> = {
  hardWater: {
    ask: 'Hard water',
    use: 'Limescale work takes 1.25 times as long and is due a third sooner.',
  },
  pets: {
    ask: 'Pets with fur',
    use: 'Floors and furniture take 1.15 times as long and are due a quarter sooner; strong products carry a caution.',
  },
  birds: {
    ask: 'Birds',
    use: 'Work with fumes, sprays and strong products carries a caution.',
  },
  smokers: {
    ask: 'Somebody smokes indoors',
    use: 'Walls, windows and high dusting take 1.2 times as long and are due a third sooner.',
  },
  well: { ask: 'Water from a well', use: 'Bleach carries a caution: iron in the water makes it stain.' },
  tank: {
    ask: 'Waste water into a tank',
    use: 'Bleach and disinfectants carry a caution: they harm what works in the tank.',
  },
  singleBedding: {
    ask: 'Only one set of bedding for each bed',
    use: 'A bed is made again only when its linen has been washed and dried, by nine in the evening. With a second set it is made at once.',
  },
  singleTowels: {
    ask: 'Only one set of towels',
    use: 'Towels are back on the rail the same day, where a day is long enough. With a second set, fresh ones hang at once.',
  },
};

export const LATITUDE_USE =
  'Work outside and at windows is done by daylight. Left empty, the sun rises and sets as at 50 degrees north; south of the equator, put a minus before the number.';

export const BUILT_YEAR_USE =
  'Before 1990, work on old paint carries a caution: it may hold lead, and old board asbestos.';

export const WAY_WORDS: Record<WayRound, string> = {
  clockwise: 'Clockwise from the door',
  'left-to-right': 'Left to right',
  'right-to-left': 'Right to left',
  u: 'In a U, the wall of the door last',
};

export const VENTILATION_WORDS: Record<Ventilation, string> = {
  window: 'A window',
  fan: 'A fan',
  none: 'Neither',
};
