import type { SeasonsScreen } from '../almanac/seasons-model';
import type { YearScreen } from '../almanac/year-model';
import { count } from '../words/words';
import { emptySheet, type Line, type Sheet, type SheetPart } from './sheet';

/** What belongs to each season, with a box for each place where it is due, and the trades that come. */
export function seasonsSheet({ seasons, trades }: SeasonsScreen): Sheet {
  const parts = seasons.filter(({ jobs }) => jobs.length > 0).map(seasonPart);
  const kept = trades.filter(({ off }) => !off);
  if (parts.length + kept.length === 0)
    return emptySheet('Seasons and trades', 'Lists of the seasons fill once the house is walked.');
  return {
    title: 'Seasons and trades',
    parts: [
      ...parts,
      ...(kept.length > 0
        ? [
            {
              title: 'Work for trades',
              blocks: [
                {
                  is: 'lines',
                  lines: kept.map(
                    ({ what, every, when }): Line => ({ box: 'open', what, side: every, more: [when] }),
                  ),
                },
              ],
            } as const,
          ]
        : []),
    ],
  };
}

function seasonPart({ name, jobs }: SeasonsScreen['seasons'][number]): SheetPart {
  return {
    title: name,
    blocks: [
      {
        is: 'lines',
        lines: jobs.map(
          ({ title, due, count: places }): Line => ({
            box: 'open',
            what: title,
            side: count(places, 'place', 'places'),
            ...(due.length > 0 && { more: due.map(({ place, when }) => `${place}: ${when}`) }),
          }),
        ),
      },
    ],
  };
}

/** The year at a glance as a table. */
export function yearSheet({ year, by, months, rows }: YearScreen): Sheet {
  if (rows.length === 0)
    return { ...emptySheet(`The year ${year}`, 'The year fills once the house is walked.'), wide: true };
  return {
    title: `The year ${year}, by ${by === 'kind' ? 'kind of work' : 'room'}`,
    line: '✓ done, ○ due, ! late; the number says how many jobs.',
    wide: true,
    parts: [
      {
        blocks: [
          {
            is: 'table',
            head: ['', ...months.map(({ short }) => short)],
            rows: rows.map(({ name, cells }) => [name, ...cells.map(cellWords)]),
          },
        ],
      },
    ],
  };
}

function cellWords({ done, due, late }: YearScreen['rows'][number]['cells'][number]): string {
  return [
    ...(done > 0 ? [`✓ ${done}`] : []),
    ...(due > 0 ? [`○ ${due}`] : []),
    ...(late > 0 ? [`! ${late}`] : []),
  ].join(' · ');
}
