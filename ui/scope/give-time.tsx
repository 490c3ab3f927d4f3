'use client';
import { useState } from 'react';
import type { Focus } from '@/core/clean/focus';
import type { ScopeScreen } from '@/present/scope/scope-model';
import { css } from '@/ui/theme/made/css';
import { Button } from '../parts/button';
import { NativeSelect } from '../parts/native-select';
import { DateField } from '../parts/when-field';

export type AskedTime = Pick<Focus, 'days' | 'people'>;

type GiveTimeProps = {
  readonly screen: Pick<ScopeScreen, 'helpers' | 'today' | 'finish'>;
  readonly onAsk: (asked: AskedTime) => void;
};

/** A date for the chosen jobs, a person, or both. */
export function GiveTime({ screen: { helpers, today, finish }, onAsk }: GiveTimeProps) {
  const [date, setDate] = useState<string>();
  const [person, setPerson] = useState('');
  if (finish === undefined) return null;
  const ask = () =>
    onAsk({
      days: date === undefined ? { from: today < finish ? today : finish, to: finish } : { date },
      ...(person !== '' && { people: [person] }),
    });
  return (
    <div className={css({ display: 'flex', flexWrap: 'wrap', gap: 1, alignItems: 'center' })}>
      <DateField label="On the date" value={date} onKeep={setDate} className={css({ width: 200 })} />
      <NativeSelect
        size="small"
        label="By"
        value={person}
        onChange={setPerson}
        none="whoever may"
        options={helpers.map(({ id, name }) => [id, name] as const)}
        className={css({ width: 200 })}
      />
      <Button variant="outlined" disabled={date === undefined && person === ''} onClick={ask}>
        Ask for that
      </Button>
    </div>
  );
}
