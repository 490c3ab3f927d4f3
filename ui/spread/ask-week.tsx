'use client';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { type FormEvent, useEffect, useState } from 'react';
import type { HouseholdChange } from '@/core/household/change';
import { WEEKDAYS } from '@/present/people/weekdays';
import { askedWeek } from '@/present/spread/asked-draft';
import type { AskedScreen } from '@/present/spread/asked-model';
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
    <Box sx={{ mt: 2 }}>
      <Unfold title="A focus for each day of the week" open={screen.week.some((about) => about !== '')}>
        <Box component="form" onSubmit={ask} sx={{ display: 'grid', gap: 1.5, pt: 1 }}>
          <Box sx={{ color: 'text.secondary', maxWidth: '68ch' }}>
            On these days nothing else is done; what does not fit goes on at other times.
          </Box>
          <Box
            sx={{
              display: 'grid',
              gap: 2,
              gridTemplateColumns: { xs: '1fr', sm: 'repeat(2, 1fr)', md: 'repeat(4, 1fr)' },
            }}
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
          </Box>
          <Box>
            <Button type="submit" variant="outlined" loading={isSending}>
              Ask for this week
            </Button>
          </Box>
        </Box>
      </Unfold>
    </Box>
  );
}
