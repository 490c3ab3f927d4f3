'use client';
import { type FormEvent, useEffect, useState } from 'react';
import type { HouseholdChange } from '@/core/household/change';
import { WEEKDAYS } from '@/present/people/weekdays';
import { askedWeek } from '@/present/spread/asked-draft';
import type { AskedScreen } from '@/present/spread/asked-model';
import { css } from '@/ui/theme/made/css';
import { Button } from '../parts/button';
import { NativeSelect } from '../parts/native-select';
import { Unfold } from '../parts/unfold';
import { groupsOf } from './ask-form';

type AskWeekProps = {
  readonly screen: AskedScreen;
  readonly isSending: boolean;
  readonly onAsk: (change: HouseholdChange) => void;
};

/** What each day of the week is for, said in one go: bedrooms on Mondays, windows on Saturdays. */
export function AskWeek({ screen, isSending, onAsk }: AskWeekProps) {
  const [week, setWeek] = useState(screen.week);
  useEffect(() => setWeek(screen.week), [screen.week]);
  const ask = (event: FormEvent) => {
    event.preventDefault();
    onAsk(askedWeek(week));
  };
  const groups = groupsOf(screen);
  return (
    <div className={css({ mt: 2 })}>
      <Unfold title="A focus for each day of the week" open={screen.week.some((about) => about !== '')}>
        <form onSubmit={ask} className={css({ display: 'grid', gap: 1.5, pt: 1 })}>
          <div className={css({ color: 'quiet', maxWidth: '68ch' })}>
            On these days nothing else is done; what does not fit goes on at other times.
          </div>
          <div
            className={css({
              display: 'grid',
              gap: 2,
              gridTemplateColumns: { base: '1fr', sm: 'repeat(2, 1fr)', md: 'repeat(4, 1fr)' },
            })}
          >
            {WEEKDAYS.map((name, at) => (
              <NativeSelect
                key={name}
                size="small"
                label={name}
                value={week[at] ?? ''}
                none="Whatever comes"
                groups={groups}
                onChange={(about) => setWeek((before) => before.with(at, about))}
              />
            ))}
          </div>
          <div>
            <Button type="submit" variant="outlined" loading={isSending}>
              Ask for this week
            </Button>
          </div>
        </form>
      </Unfold>
    </div>
  );
}
