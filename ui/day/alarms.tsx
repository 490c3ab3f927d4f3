'use client';
import ArrowForwardOutlined from '@mui/icons-material/ArrowForwardOutlined';
import { useEffect, useRef, useState } from 'react';
import { type Alarm, alarmsAt } from '@/core/day/alarms';
import type { DayFile } from '@/present/day/day-file';
import { nameOf } from '@/present/day/step-face';
import { clock } from '@/present/words/words';
import { css } from '@/ui/theme/made/css';
import { Button } from '../parts/button';
import { Press } from '../parts/press';
import { type Day, useDay } from './day-context';
import { goToPlace, placeOfStep, placeOfStretch, placeOfWait } from './places';
import { hangBell, heardAlarms, keepHeard, ring } from './run/bell';
import { useSecond } from './run/use-day-store';

/**
 * What must not go unheard, the loudest first, each a line that leads to its step: it rings, and stays on the page until
 * somebody has pressed it.
 */
export function Alarms() {
  const { file, run, view, workers, store } = useDay();
  const now = useSecond(store);
  const { heard, silence } = useHeard();
  const stretches = workers.map((worker) => ({
    ...worker,
    person: worker.id,
    stretch: run.stretches.get(worker.id),
  }));
  const alarms = alarmsAt(view.waits, stretches, now).filter(({ id }) => !heard.has(id));
  useRinging(alarms, file);
  const goTo = (alarm: Alarm) => {
    silence(alarm.id);
    goToPlace(placesOf(alarm, view.waits));
  };
  if (alarms.length === 0) return null;
  return (
    <div role="alert" className={css({ display: 'grid', gap: 1, position: 'sticky', top: 8, zIndex: 2 })}>
      {alarms.map((alarm) => (
        <div key={alarm.id} className={css(ALARM)}>
          <Press onClick={() => goTo(alarm)} className={css(LEADS)}>
            {alarmWords(alarm, file)}
            <ArrowForwardOutlined fontSize="small" aria-hidden />
          </Press>
          <Button
            color="inherit"
            onClick={() => silence(alarm.id)}
            aria-label={`Heard: ${alarmWords(alarm, file)}`}
            className={css({ minHeight: 48, flexShrink: 0 })}
          >
            Heard
          </Button>
        </div>
      ))}
    </div>
  );
}

const ALARM = {
  bgcolor: 'var(--colors-sun-soft)',
  color: 'ink',
  border: '2px solid var(--colors-sun)',
  display: 'flex',
  alignItems: 'center',
} as const;

const LEADS = {
  flex: 1,
  minHeight: 48,
  px: 1.5,
  py: 0.75,
  gap: 1,
  justifyContent: 'space-between',
  textAlign: 'start',
  fontWeight: 560,
} as const;

/** Alarms that somebody has pressed away on this phone. */
function useHeard() {
  const [heard, setHeard] = useState<ReadonlySet<string>>(new Set());
  // The phone's cupboard is not there while the server draws the page.
  useEffect(() => {
    setHeard(heardAlarms());
    const timer = setTimeout(hangBell);
    return () => clearTimeout(timer);
  }, []);
  const silence = (id: string) => {
    const known = new Set([...heard, id]);
    setHeard(known);
    keepHeard(known);
  };
  return { heard, silence };
}

/** Where what is to be seen to stands: the step that comes after a wait, or the wait itself. */
function placesOf({ about }: Alarm, waits: Day['view']['waits']): string[] {
  if (!('step' in about)) return [placeOfStretch(about.person)];
  const next = waits.find(({ step }) => step.id === about.step)?.next;
  const wait = placeOfWait(about.step);
  return next === undefined || about.kind === 'fault' ? [wait] : [placeOfStep(next), wait];
}

const RING_AGAIN_MS = 20_000;

/** Rings as soon as an alarm is there, and again for as long as nobody has heard it. */
function useRinging(alarms: readonly Alarm[], file: DayFile): void {
  const words = alarms.map((alarm) => alarmWords(alarm, file)).join(' ');
  const latest = useRef(words);
  latest.current = words;
  const isSilent = words === '';
  useEffect(() => {
    if (isSilent) return;
    ring(latest.current);
    const timer = setInterval(() => ring(latest.current), RING_AGAIN_MS);
    return () => clearInterval(timer);
  }, [isSilent]);
}

function alarmWords({ about }: Alarm, file: DayFile): string {
  const { words } = file;
  switch (about.kind) {
    case 'wait': {
      const step = words[about.step];
      const what = `${step?.title ?? 'A wait'}, ${step?.where ?? ''}`;
      if (about.late) return `${what}: see to it now, it has waited longer than it should.`;
      return `${what}: it is over.${about.latest ? ` See to it by ${clock(about.latest)}.` : ''}`;
    }
    case 'fault':
      return `${words[about.step]?.title ?? 'A machine'}: the machine has stopped. Look after it.`;
    case 'rest':
      return calling(about.person, file, 'Time for a rest.');
    case 'work':
      return calling(about.person, file, 'The rest is over. One more block, or enough for today.');
  }
}

/** By name where several people's day is on the page. */
function calling(person: string, file: DayFile, words: string): string {
  return file.person === undefined ? `${nameOf(person, file)}: ${words}` : words;
}
