'use client';
import { useEffect } from 'react';
import { forgetPages } from '../state/keep-pages';

/** Shows nothing: takes the days off this device that somebody has left by signing out. */
export function ForgetDays() {
  useEffect(() => {
    forgetPages().catch(() => undefined);
  }, []);
  return null;
}
