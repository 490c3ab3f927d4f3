import { z } from 'zod';
import { type Parsed, parseDocument } from '../basics/fault';
import { MOST_HOUSEHOLD_BYTES } from '../basics/limits';
import {
  type Household,
  type HouseholdFile,
  householdFileSchema,
  householdSchema,
} from '../household/household';
import { householdFaults } from './household-faults';

/** A file from before something was called otherwise. */
function upgraded(document: unknown): unknown {
  if (typeof document !== 'object' || document === null) return document;
  const { clean, ...rest } = document as { clean?: Record<string, unknown> | null };
  if (typeof clean !== 'object' || clean === null || !('hardestFirst' in clean)) return document;
  const { hardestFirst, ...others } = clean;
  return { ...rest, clean: { firstJob: hardestFirst === true ? 'dreaded' : 'any', ...others } };
}

/** Reads a household file; on failure every fault, with its path. */
export function parseHousehold(text: string): Parsed<Household> {
  return tooLarge(text) ?? withoutFaults(parseDocument(text, z.preprocess(upgraded, householdSchema)));
}

/** The same for one that may not have set out on a clean yet. */
export function parseHouseholdFile(text: string): Parsed<HouseholdFile> {
  return tooLarge(text) ?? withoutFaults(parseDocument(text, z.preprocess(upgraded, householdFileSchema)));
}

function withoutFaults<T extends HouseholdFile>(parsed: Parsed<T>): Parsed<T> {
  if (!parsed.ok) return parsed;
  const faults = householdFaults(parsed.value);
  return faults.length > 0 ? { ok: false, faults } : parsed;
}

/** Found before anything is read; text has at least as many bytes as characters. */
function tooLarge(text: string): Parsed<never> | undefined {
  if (text.length <= MOST_HOUSEHOLD_BYTES) return undefined;
  const fault = {
    path: '$',
    got: `${(text.length / 1e6).toFixed(1)} MB`,
    expected: `at most ${MOST_HOUSEHOLD_BYTES / 1e6} MB`,
  };
  return { ok: false, faults: [fault] };
}
