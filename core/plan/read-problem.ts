import { z } from 'zod';
import { type Parsed, parseDocument } from '../basics/fault';
import { type Problem, problemSchema, problemV1Schema } from './problem';
import { problemFaults } from './problem-faults';

const anyVersionSchema = z.discriminatedUnion('version', [problemV1Schema, problemSchema]);

/** Reads a problem document of either version; on failure every fault, with its path. */
export function parseProblem(text: string): Parsed<Problem> {
  const parsed = parseDocument(text, anyVersionSchema);
  if (!parsed.ok) return parsed;
  const problem: Problem = { ...parsed.value, version: 2 };
  const faults = problemFaults(problem);
  return faults.length > 0 ? { ok: false, faults } : { ok: true, value: problem };
}
