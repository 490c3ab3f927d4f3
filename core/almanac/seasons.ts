import type { AlmanacSettings, Season } from '../clean/almanac-settings';

/** What usually belongs to a season, by job of the catalogue; a household changes it. */
const USUAL: Readonly<Record<Season, readonly string[]>> = {
  spring: [
    'curtain-wash',
    'nets-wash',
    'window-inside',
    'window-outside',
    'window-track',
    'fly-screen-wash',
    'mattress-turn',
    'mattress-freshen',
    'duvet-wash',
    'behind-furniture-vacuum',
    'cupboard-sort',
    'season-change',
    'carpet-shampoo',
    'balcony-rail-wash',
  ],
  summer: [
    'outdoor-furniture-wash',
    'yard-wash',
    'awning-brush',
    'grill-clean',
    'rug-beat',
    'cushions-sun',
    'bicycle-wash',
    'outdoor-toys-wash',
    'garage-floor-sweep',
    'freezer-defrost',
  ],
  autumn: [
    'window-outside',
    'leaves-bag',
    'dead-plants-clear',
    'light-wash',
    'lamp-clean',
    'season-change',
    'bedding-air',
    'oven-paste',
    'hood-filter',
    'pantry-sort',
    'ceiling-dust',
  ],
  winter: [
    'wardrobe-sort',
    'drawers-sort',
    'books-dust',
    'paperwork-sort',
    'cabinet-dates',
    'medicines-check',
    'shelf-clear',
    'display-cabinet-clean',
    'ornaments-wash',
    'toys-sort',
  ],
  'before-frost': [
    'gutters-low',
    'yard-sweep',
    'outdoor-bin-wash',
    'radiator-clean',
    'heating-filter-change',
    'porch-sweep',
  ],
  'after-heating': [
    'radiator-clean',
    'stove-glass-clean',
    'fireplace-clear',
    'walls-spot',
    'electric-fire-dust',
    'ventilation-filter-change',
  ],
};

/** The jobs of a season, as this household has them. */
export function seasonJobs(season: Season, { seasons }: AlmanacSettings): Set<string> {
  const jobs = new Set(USUAL[season]);
  for (const change of seasons) {
    if (change.season !== season) continue;
    if (change.on) jobs.add(change.method);
    else jobs.delete(change.method);
  }
  return jobs;
}

/** Every job that some season usually asks for. */
export function usualSeasonJobs(): Readonly<Record<Season, readonly string[]>> {
  return USUAL;
}

/** Months of a season in the northern half of the world, January as 1; in the southern half they lie half a year apart. */
const SEASON_MONTHS: Readonly<Record<Season, readonly number[]>> = {
  spring: [3, 4, 5],
  summer: [6, 7, 8],
  autumn: [9, 10, 11],
  winter: [12, 1, 2],
  'before-frost': [10, 11],
  'after-heating': [4, 5],
};

/** Seasons that a month belongs to. */
export function seasonsOf(month: number, isSouth: boolean): Season[] {
  const here = isSouth ? ((month + 5) % 12) + 1 : month;
  return (Object.keys(SEASON_MONTHS) as Season[]).filter((season) => SEASON_MONTHS[season].includes(here));
}
