import { dayOfMinute } from '../basics/local-time';
import type { Policy } from '../plan/problem';
import type { Board } from './board';
import { SCORE_OF_TIME, type Score } from './compare';
import type { SchoolFigures } from './schools';

/** What a search goes by, made of the exact score of what lies on the board. */
export type Aim = (exact: Score, board: Board, school: SchoolFigures) => Score;

/** Figures of the score after the time's, and how much each weighs against the others. */
const WEIGHTS: readonly number[] = [
  50, // open-room nights beyond the wish
  4, // wishes broken
  38, // standing about
  0.5, // what somebody would rather not do
  1, // the share of each
];

/** What the school of a household asks for beyond the comparison of plans. */
const WEIGHT_OF_SCATTER = 60;
const WEIGHT_OF_DREAD = 60;

/** How much the time weighs: squared loads for an even spread, what is left for the last date for an early finish. */
const WEIGHT_OF_TIME: Readonly<Record<Policy['spread'], number>> = { even: 110, early: 25 };

/**
 * How much it weighs, in an even spread, that a date has more on it than so many even shares; by share. A little more
 * on one date than on another closes a room; twice as much is no even load.
 */
const WEIGHT_OF_OVERLOAD = 30;
const MOST_SHARES = 1.4;

/** How much it weighs to be worse by a figure than the first plan was. */
const WEIGHT_OF_WORSE = 25;

/** Hands-on person-minutes that count as one, of what is left for the last date. */
const A_DAYS_WORK = 300;

/** Who has one job done through the whole house, or all high work first, has rooms open meanwhile. */
const OPENS_ROOMS: readonly Policy['grouping'][] = ['kind', 'layer'];

/**
 * What the search goes by in a plan of weeks. What is left out comes first, then the date of the finish; of plans done
 * on the same date it wants the one that is good all round, and in nothing worse than the first that was built. An even
 * load is one of the things it weighs, since a few minutes must not scatter the rooms; so is what the school asks for.
 */
export function roundedAim(
  first: Score,
  firstSchool: Pick<SchoolFigures, 'scatter' | 'dread'>,
  evenLoad: number,
): Aim {
  const part = (figure: number, before: number) => figure / Math.max(1, before);
  const [scatterBefore, dreadBefore] = [firstSchool.scatter(), firstSchool.dread()];
  const finishBefore = first[SCORE_OF_TIME] as number;
  return (exact, board, school) => {
    const { spread, grouping } = board.model.policy;
    const finish = exact[SCORE_OF_TIME] as number;
    const date = spread === 'even' ? 0 : dayOfMinute(finish) + (finish > finishBefore ? 0.5 : 0);
    const time =
      spread === 'even' ? part(finish, finishBefore) : board.loadOn(dayOfMinute(finish)) / A_DAYS_WORK;
    let allRound =
      WEIGHT_OF_TIME[spread] * time +
      (spread === 'even' ? (WEIGHT_OF_OVERLOAD * board.overload(MOST_SHARES * evenLoad)) / evenLoad : 0) +
      WEIGHT_OF_SCATTER * part(school.scatter(), scatterBefore) +
      WEIGHT_OF_DREAD * part(school.dread(), dreadBefore);
    WEIGHTS.forEach((weight, i) => {
      if (i === 0 && OPENS_ROOMS.includes(grouping)) return;
      const at = SCORE_OF_TIME + 1 + i;
      const now = part(exact[at] as number, first[at] as number);
      allRound += weight * now + WEIGHT_OF_WORSE * Math.max(0, now - 1);
    });
    return [...exact.slice(0, SCORE_OF_TIME), date, allRound];
  };
}
