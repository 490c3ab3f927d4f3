'use client';
import { useCallback, useEffect, useRef, useState } from 'react';
import { css } from '@/ui/theme/made/css';
import { Button } from '../parts/button';
import { mayNotify, wakeBell } from './run/bell';

/** Keeps the screen on and lets alarms through, for as long as this page is open. */
export function AwakePress() {
  const [isOn, setOn] = useState(false);
  const [can, setCan] = useState(false);
  const lock = useRef<WakeLockSentinel>(undefined);
  useEffect(() => setCan('wakeLock' in navigator || mayNotify() !== 'never'), []);
  const hold = useCallback(async () => {
    lock.current = await navigator.wakeLock?.request('screen').catch(() => undefined);
  }, []);
  useEffect(() => {
    if (!isOn) return;
    void hold();
    // The device lets go of it whenever the page is hidden.
    const back = () => {
      if (document.visibilityState === 'visible') void hold();
    };
    document.addEventListener('visibilitychange', back);
    return () => {
      document.removeEventListener('visibilitychange', back);
      void lock.current?.release();
    };
  }, [isOn, hold]);
  if (!can) return null;
  const press = () => {
    wakeBell();
    setOn((on) => !on);
    if (!isOn && mayNotify() === 'default') void Notification.requestPermission();
  };
  return (
    <>
      <Button
        variant={isOn ? 'contained' : 'outlined'}
        color="inherit"
        aria-pressed={isOn}
        onClick={press}
        className={css({ minHeight: 48 })}
      >
        Screen on, alarms loud
      </Button>
      <div role="status" className={css({ width: '100%', color: 'quiet', fontSize: '0.92rem' })}>
        {isOn && cannotWords()}
      </div>
    </>
  );
}

/** What this device can't do about alarms, and what does it then. */
function cannotWords(): string {
  return [
    ...('wakeLock' in navigator ? [] : ['This device does not let a page keep its screen on.']),
    ...(mayNotify() === 'denied' || mayNotify() === 'never'
      ? ['It shows no notices while the page is hidden.']
      : []),
    'With its screen dark, a phone may hold an alarm back. The calendar under Spread rings by itself.',
  ].join(' ');
}
