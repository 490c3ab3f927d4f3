'use client';
import { type FormEvent, useState } from 'react';
import { BINDS } from '@/core/clean/focus';
import type { HouseholdChange } from '@/core/household/change';
import { WEEKDAYS } from '@/present/people/weekdays';
import {
  ANY_DAY,
  type AskedDraft,
  askedBy,
  clockAt,
  DAY_ABOUTS,
  FIRST_HOUR,
  isWithin,
  NOTHING_ASKED,
} from '@/present/spread/asked-draft';
import type { AskedScreen } from '@/present/spread/asked-model';
import { BINDS_WORDS } from '@/present/spread/asked-words';
import { dayOfMonth, longDate, weekday } from '@/present/words/words';
import { css } from '@/ui/theme/made/css';
import { Button } from '../parts/button';
import { NativeSelect } from '../parts/native-select';
import { Sentence } from '../parts/sentence';
import { StretchRow } from '../parts/stretch-row';
import { DateField } from '../parts/when-field';
import { newId } from '../state/new-id';

type AskFormProps = {
  readonly screen: AskedScreen;
  readonly isSending: boolean;
  readonly onAsk: (change: HouseholdChange) => void;
};

const HOURS = Array.from({ length: 16 }, (_, i) => FIRST_HOUR + i);

/** What is done when: a room on Tuesday, all sills from four to five. */
export function AskForm({ screen, isSending, onAsk }: AskFormProps) {
  const [draft, setDraft] = useState(NOTHING_ASKED);
  const [fault, setFault] = useState<string>();
  const set = (part: Partial<AskedDraft>) => setDraft((before) => ({ ...before, ...part }));
  const ask = (event: FormEvent) => {
    event.preventDefault();
    const asked = askedBy(draft, screen, newId());
    setFault('fault' in asked ? asked.fault : undefined);
    if ('fault' in asked) return;
    onAsk(asked.change);
    setDraft(NOTHING_ASKED);
  };
  return (
    <form
      className={css({ display: 'flex', flexDirection: 'column', gap: 2 })}
      noValidate
      onSubmit={ask}
      aria-label="Give work its time"
    >
      <What draft={draft} set={set} screen={screen} />
      <When draft={draft} set={set} screen={screen} />
      <WhoAndHow draft={draft} set={set} screen={screen} />
      <Sentence>{fault}</Sentence>
      <div>
        <Button type="submit" variant="contained" loading={isSending}>
          Ask for it
        </Button>
      </div>
    </form>
  );
}

type PartProps = Pick<AskFormProps, 'screen'> & {
  readonly draft: AskedDraft;
  readonly set: (part: Partial<AskedDraft>) => void;
};

/** What a focus can be about, under its headings. */
export function groupsOf({ abouts }: AskedScreen) {
  return abouts.map(({ group, of }) => ({
    name: group,
    options: of.map(({ value, words }) => [value, words] as const),
  }));
}

const OF_THE_DAY = { name: 'The day itself', options: Object.entries(DAY_ABOUTS) };

function What({ draft, set, screen }: PartProps) {
  return (
    <NativeSelect
      label="What"
      value={draft.about}
      onChange={(about) => set({ about })}
      none="Choose …"
      groups={[...groupsOf(screen), OF_THE_DAY]}
      className={css({ maxWidth: 420 })}
    />
  );
}

const HOUR_CELLS = HOURS.map((hour, at) => ({
  name: `${clockAt(at)} to ${clockAt(at + 1)}`,
  face: String(hour),
}));

function When({ draft, set, screen }: PartProps) {
  return (
    <>
      <StretchRow
        label="When: press one day, or the first and the last"
        cells={screen.dates.map((date) => ({
          name: longDate(date),
          face: `${weekday(date)}\n${dayOfMonth(date)}`,
        }))}
        value={draft.pressed}
        onChange={(pressed) => set({ pressed, date: undefined, weekday: '' })}
      />
      <div className={css({ display: 'flex', flexWrap: 'wrap', gap: 2 })}>
        <DateField
          label="Or another date"
          value={draft.date}
          onKeep={(date) => set({ date, pressed: undefined, weekday: '' })}
          className={css({ width: 190 })}
        />
        <NativeSelect
          size="small"
          label="Or regularly"
          value={draft.weekday}
          onChange={(day) => set({ weekday: day, date: undefined, pressed: undefined })}
          none="Not regularly"
          options={[[ANY_DAY, 'Any day'], ...WEEKDAYS.map((name, i) => [i + 1, `Every ${name}`] as const)]}
          className={css({ width: 190 })}
        />
      </div>
      <StretchRow
        label="Hours: press the first and the last; none for any time of the day"
        cells={HOUR_CELLS}
        value={draft.hours}
        onChange={(hours) => set({ hours })}
      />
      <div role="status" className={css({ color: 'quiet', fontSize: '0.92rem' })}>
        {screen.free
          .filter((_, at) => isWithin(at, draft.pressed))
          .map(({ words }) => (
            <div key={words}>{words}</div>
          ))}
      </div>
    </>
  );
}

function WhoAndHow({ draft, set, screen }: PartProps) {
  return (
    <div className={css({ display: 'flex', flexWrap: 'wrap', gap: 2 })}>
      <NativeSelect
        label="Who"
        value={draft.person}
        onChange={(person) => set({ person })}
        none="Whoever may"
        options={screen.people.map(({ id, name }) => [id, name] as const)}
        className={css({ width: 190 })}
      />
      <NativeSelect
        label="How strictly"
        value={draft.binds}
        onChange={(binds) => set({ binds: BINDS.find((known) => known === binds) ?? 'work' })}
        options={BINDS.map((binds) => [binds, BINDS_WORDS[binds]] as const)}
        className={css({ flex: '1 1 320px', maxWidth: 560 })}
      />
    </div>
  );
}
