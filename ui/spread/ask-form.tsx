'use client';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Stack from '@mui/material/Stack';
import { type FormEvent, useState } from 'react';
import { BINDS, type Focus, type FocusDays } from '@/core/clean/focus';
import { WEEKDAYS } from '@/present/people/weekdays';
import { type AskedScreen, aboutOf } from '@/present/spread/asked-model';
import { BINDS_WORDS } from '@/present/spread/asked-words';
import { dayOfMonth, longDate, weekday } from '@/present/words/words';
import { DateField } from '../parts/date-field';
import { NativeSelect } from '../parts/native-select';
import { Sentence } from '../parts/sentence';
import { type Stretch, StretchRow } from '../parts/stretch-row';
import { newId } from '../state/new-id';

type AskFormProps = {
  readonly screen: AskedScreen;
  readonly isSending: boolean;
  readonly onAsk: (focus: Focus) => void;
};

type Draft = {
  readonly about: string;
  /** Of the dates that can be pressed. */
  readonly pressed: Stretch | undefined;
  /** A date beyond those, a day of each week, or any day. */
  readonly date: string | undefined;
  readonly weekday: string;
  readonly hours: Stretch | undefined;
  readonly person: string;
  readonly binds: Focus['binds'];
};

const EMPTY: Draft = {
  about: '',
  pressed: undefined,
  date: undefined,
  weekday: '',
  hours: undefined,
  person: '',
  binds: 'work',
};

const FIRST_HOUR = 6;
const HOURS = Array.from({ length: 16 }, (_, i) => FIRST_HOUR + i);

/** What is done when: a room on Tuesday, all sills from four to five. */
export function AskForm({ screen, isSending, onAsk }: AskFormProps) {
  const [draft, setDraft] = useState(EMPTY);
  const [fault, setFault] = useState<string>();
  const set = (part: Partial<Draft>) => setDraft((before) => ({ ...before, ...part }));
  const ask = (event: FormEvent) => {
    event.preventDefault();
    const days = daysOf(draft, screen);
    const missing = faultOf(draft, days, screen);
    setFault(missing);
    if (missing || !days) return;
    onAsk(focusOf(draft, days));
    setDraft(EMPTY);
  };
  return (
    <Stack component="form" noValidate onSubmit={ask} spacing={2} aria-label="Give work its time">
      <What draft={draft} set={set} screen={screen} />
      <When draft={draft} set={set} screen={screen} />
      <WhoAndHow draft={draft} set={set} screen={screen} />
      <Sentence>{fault}</Sentence>
      <Box>
        <Button type="submit" variant="contained" loading={isSending}>
          Ask for it
        </Button>
      </Box>
    </Stack>
  );
}

/** From now on to the finish. */
const ANY_DAY = 'any';

function daysOf(draft: Draft, { dates, last }: AskedScreen): FocusDays | undefined {
  if (draft.weekday === ANY_DAY) return { from: dates[0] ?? last, to: last };
  if (draft.weekday !== '') return { weekday: Number(draft.weekday) };
  if (draft.date !== undefined) return { date: draft.date };
  const from = draft.pressed && dates[draft.pressed.first];
  const to = draft.pressed && dates[draft.pressed.last];
  if (from === undefined || to === undefined) return undefined;
  return from === to ? { date: from } : { from, to };
}

function faultOf(
  { about, pressed }: Draft,
  days: FocusDays | undefined,
  { free }: AskedScreen,
): string | undefined {
  if (about === '') return 'Choose what it is about.';
  if (!days) return 'Choose a day, or the first and the last of several.';
  const isAnyFree = free.some(({ isAny }, at) => isAny && isWithin(at, pressed));
  return pressed && !isAnyFree
    ? 'Nobody has time then. Choose another day, or give somebody hours under People.'
    : undefined;
}

function focusOf({ about, hours, person, binds }: Draft, days: FocusDays): Focus {
  return {
    id: newId(),
    ...aboutOf(about),
    ...(person !== '' && { people: [person] }),
    days,
    ...(hours && { hours: { from: clockAt(hours.first), to: clockAt(hours.last + 1) } }),
    binds,
  };
}

/** Of the hours that can be pressed. */
function clockAt(at: number): string {
  return `${String(FIRST_HOUR + at).padStart(2, '0')}:00`;
}

function isWithin(at: number, stretch: Stretch | undefined): boolean {
  return stretch !== undefined && at >= stretch.first && at <= stretch.last;
}

type PartProps = Pick<AskFormProps, 'screen'> & {
  readonly draft: Draft;
  readonly set: (part: Partial<Draft>) => void;
};

function What({ draft, set, screen }: PartProps) {
  return (
    <NativeSelect
      label="What"
      value={draft.about}
      onChange={(about) => set({ about })}
      none="Choose …"
      groups={screen.abouts.map(({ group, of }) => ({
        name: group,
        options: of.map(({ value, words }) => [value, words] as const),
      }))}
      sx={{ maxWidth: 420 }}
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
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 2 }}>
        <DateField
          label="Or another date"
          value={draft.date}
          onKeep={(date) => set({ date, pressed: undefined, weekday: '' })}
          sx={{ width: 190 }}
        />
        <NativeSelect
          size="small"
          label="Or regularly"
          value={draft.weekday}
          onChange={(day) => set({ weekday: day, date: undefined, pressed: undefined })}
          none="Not regularly"
          options={[[ANY_DAY, 'Any day'], ...WEEKDAYS.map((name, i) => [i + 1, `Every ${name}`] as const)]}
          sx={{ width: 190 }}
        />
      </Box>
      <StretchRow
        label="Hours: press the first and the last; none for any time of the day"
        cells={HOUR_CELLS}
        value={draft.hours}
        onChange={(hours) => set({ hours })}
      />
      <Box role="status" sx={{ color: 'text.secondary', fontSize: '0.92rem' }}>
        {screen.free
          .filter((_, at) => isWithin(at, draft.pressed))
          .map(({ words }) => (
            <div key={words}>{words}</div>
          ))}
      </Box>
    </>
  );
}

function WhoAndHow({ draft, set, screen }: PartProps) {
  return (
    <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 2 }}>
      <NativeSelect
        label="Who"
        value={draft.person}
        onChange={(person) => set({ person })}
        none="Whoever may"
        options={screen.people.map(({ id, name }) => [id, name] as const)}
        sx={{ width: 190 }}
      />
      <NativeSelect
        label="How strictly"
        value={draft.binds}
        onChange={(binds) => set({ binds: BINDS.find((known) => known === binds) ?? 'work' })}
        options={BINDS.map((binds) => [binds, BINDS_WORDS[binds]] as const)}
        sx={{ flex: '1 1 320px', maxWidth: 560 }}
      />
    </Box>
  );
}
