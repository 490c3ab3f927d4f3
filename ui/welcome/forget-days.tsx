'use client';
import { useEffect } from 'react';
import { forgetPages } from '../day/run/keep-page';

/** Shows nothing: takes the days off this device that somebody has left by signing out. */
export function ForgetDays() {
  useEffect(() => {
    forgetPages().catch(() => undefined);
  }, []);
  return null;
}
