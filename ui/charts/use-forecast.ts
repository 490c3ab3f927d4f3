'use client';
import { startTransition, useEffect, useState } from 'react';
import type { Forecast } from '@/core/forecast/forecast';

/** What the plan in force will probably come to, worked out beside the page; undefined until it is known, or where it can't be. */
export function useForecast(): Forecast | undefined {
  const [forecast, setForecast] = useState<Forecast>();
  useEffect(() => {
    const worker = new Worker(new URL('../../workers/forecast.worker.ts', import.meta.url), {
      type: 'module',
    });
    worker.onmessage = ({ data }: MessageEvent<Forecast | undefined>) => {
      startTransition(() => setForecast(data));
      worker.terminate();
    };
    return () => {
      worker.onmessage = null;
      worker.terminate();
    };
  }, []);
  return forecast;
}
