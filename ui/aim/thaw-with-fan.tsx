'use client';
import type { ThawLine } from '@/core/plan/thaw-line';
import { finishWords, type HasPlace } from '@/present/forecast/chance-words';
import { css } from '@/ui/theme/made/css';
import { ThawLineChart } from '../charts/thaw-line-chart';
import { useForecast } from '../charts/use-forecast';
import { TextLink } from '../parts/text-link';

type ThawWithFanProps = { readonly thaw: ThawLine; readonly finish: string; readonly today: string };

/** The thaw line with the fan of likely futures, and its chance in words. */
export function ThawWithFan({ thaw, finish, today }: ThawWithFanProps) {
  const forecast = useForecast();
  return (
    <div>
      <ThawLineChart thaw={thaw} finish={finish} today={today} fan={forecast?.fan} />
      <div role="status" className={css({ mt: 1.5, minHeight: 28, maxWidth: '70ch' })}>
        {forecast ? (
          <>
            {finishWords(forecast, finish, hasPlace(thaw))}{' '}
            <TextLink href="/what-if">What would make it surer</TextLink>
          </>
        ) : (
          'Looking at how it may go…'
        )}
      </div>
    </div>
  );
}

function hasPlace({ unplaced, planned }: ThawLine): HasPlace {
  if (unplaced <= 0) return 'all';
  return unplaced < (planned[0]?.minutes ?? 0) ? 'some' : 'nothing';
}
