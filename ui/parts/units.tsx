'use client';
import { createContext, type ReactNode, useContext } from 'react';
import type { Units } from '@/core/basics/choices';

const Chosen = createContext<Units>('metric');

/** The units in which the household measures, for everything that is shown and typed below. */
export function UnitsProvider({ units, children }: { units: Units; children: ReactNode }) {
  return <Chosen.Provider value={units}>{children}</Chosen.Provider>;
}

export function useUnits(): Units {
  return useContext(Chosen);
}
