import { type DayNumber, dayOfMinute } from '../basics/local-time';
import type { Board } from './board';
import { SCORE_OF_TIME, type Score } from './compare';
import type { Construction } from './construct';
import { improve, type Search } from './improve';

/** So many rounds without anything less on the last date, and the finish stays where it is. */
const PATIENCE = 40;

/**
 * A plan to better further: the usual one, unless another can be brought to an earlier date than that, whatever it
 * costs otherwise.
 */
export function hasten(usual: Construction, soonest: Construction, search: Search): Construction {
  const was = lastDate(usual.board);
  const entries = new Set(usual.board.entries());
  const { leftOut } = usual;
  const hastened = improve(soonest, { ...search, aim: earlierDate, onlyFinish: true, patience: PATIENCE });
  if (lastDate(hastened.board) < was) return hastened;
  usual.board.restore(entries);
  return { board: usual.board, leftOut };
}

/** The less is left for the last date, the nearer is the one before. */
export function earlierDate(exact: Score, board: Board): Score {
  const date = dayOfMinute(exact[SCORE_OF_TIME] as number);
  return [...exact.slice(0, SCORE_OF_TIME), date, board.loadOn(date), ...exact.slice(SCORE_OF_TIME)];
}

function lastDate(board: Board): DayNumber {
  return dayOfMinute(board.entries().reduce((last, entry) => Math.max(last, entry.end), 0));
}
