'use client';
import { count } from '@/present/words/words';
import { css } from '@/ui/theme/made/css';
import { Button } from '../parts/button';
import { Sentence } from '../parts/sentence';
import type { DayState, DayStore } from './run/day-store';

/** Whether others hear of what happens here, and what has to be said of it. */
export function LinkLine({ state, store }: { state: DayState; store: DayStore }) {
  const { link, unsent, notices, slip } = state;
  const quiet = link === 'live' && unsent === 0;
  return (
    <>
      <div role="status" aria-label="Connection" className={css(quiet ? UNSEEN : { color: 'quiet' })}>
        {linkWords(link, unsent)}
      </div>
      {notices.map((notice) => (
        <Sentence key={notice} tone="note">
          <div className={css({ display: 'flex', flexWrap: 'wrap', columnGap: 1.5, alignItems: 'center' })}>
            <span className={css({ flex: '1 1 220px' })}>{notice}</span>
            {/* So that the words of the presses stand under the sentence where there is no room beside it. */}
            <div className={css({ mx: '-18px' })}>
              {slip?.notice === notice && (
                <Button onClick={() => void store.takeBack(slip)}>Take it back</Button>
              )}
              <Button color="inherit" onClick={() => store.dismiss(notice)} aria-label={`Read: ${notice}`}>
                Read
              </Button>
            </div>
          </div>
        </Sentence>
      ))}
    </>
  );
}

/** Heard by a screen reader, and not seen. */
const UNSEEN = {
  position: 'absolute',
  m: '0 !important',
  width: '1px',
  height: '1px',
  overflow: 'hidden',
  clipPath: 'inset(50%)',
} as const;

function linkWords(link: DayState['link'], unsent: number): string {
  const kept = count(unsent, 'thing is', 'things are');
  if (link === 'nobody')
    return `This phone is not known here any more: the link was withdrawn, or you are signed out. ${unsent > 0 ? `${kept} kept on this phone until you are let in again.` : ''}`;
  if (link === 'cut')
    return unsent > 0
      ? `No connection. ${kept} kept on this phone and sent later.`
      : 'No connection. Go on; what you do is kept on this phone.';
  return unsent > 0 ? 'Sending …' : 'All is sent.';
}
