import type { z } from 'zod';

/**
 * What is wrong with a document that came from outside: where, which kind of fault, and its particulars as data.
 * `describeFault` owns the words.
 */
export type Fault = {
  readonly path: string;
  readonly got: string;
  readonly expected: string;
};

export type Parsed<T> =
  | { readonly ok: true; readonly value: T }
  | { readonly ok: false; readonly faults: Fault[] };

/** One line for a person: `tasks[0].steps[1].minutes: got -5, expected a whole number of at least 1`. */
export function describeFault(fault: Fault): string {
  return `${fault.path}: got ${fault.got}, expected ${fault.expected}`;
}

/** Parses JSON text, then the schema; every fault carries its JSON path. */
export function parseDocument<T>(text: string, schema: z.ZodType<T>): Parsed<T> {
  const json = parseJson(text);
  if (!json.ok) return json;
  return parseValue(json.value, schema);
}

function parseValue<T>(value: unknown, schema: z.ZodType<T>): Parsed<T> {
  const result = schema.safeParse(value, { reportInput: true });
  if (result.success) return { ok: true, value: result.data };
  return { ok: false, faults: result.error.issues.flatMap(faultsOfIssue) };
}

function parseJson(text: string): Parsed<unknown> {
  try {
    return { ok: true, value: JSON.parse(text.replace(/^\uFEFF/, '')) };
  } catch (error) {
    const detail = error instanceof Error ? error.message.replace(/\s+/g, ' ') : 'unreadable';
    return {
      ok: false,
      faults: [{ path: '$', got: `text that is not JSON (${detail})`, expected: 'a JSON object' }],
    };
  }
}

type Issue = z.core.$ZodIssue;

function faultsOfIssue(issue: Issue): Fault[] {
  if (issue.code === 'unrecognized_keys') {
    return issue.keys.map((key) => ({
      path: jsonPath([...issue.path, key]),
      got: 'a key that is not known here',
      expected: 'no such key',
    }));
  }
  if (issue.code === 'invalid_union' && issue.errors.length === 0) return [unknownKind(issue)];
  if (issue.code === 'invalid_union') {
    const nearest = issue.errors.reduce<Issue[]>((a, b) => (a.length && a.length <= b.length ? a : b), []);
    return nearest.flatMap((inner) => faultsOfIssue({ ...inner, path: [...issue.path, ...inner.path] }));
  }
  return [{ path: jsonPath(issue.path), got: shown(issue.input), expected: expectation(issue) }];
}

/** A document, or a part of one, of a kind or a version that is not known. */
function unknownKind(issue: Extract<Issue, { code: 'invalid_union' }>): Fault {
  const {
    input,
    discriminator,
    options = [],
  } = issue as typeof issue & {
    readonly discriminator?: string;
    readonly options?: readonly unknown[];
  };
  const own = (input as Record<string, unknown> | undefined)?.[discriminator ?? ''];
  const known = options.map((option) => JSON.stringify(option)).join(' or ');
  return { path: jsonPath(issue.path), got: shown(own), expected: known || 'one that is known here' };
}

/** `$` for the whole document, else `tasks[0].steps[1].minutes`. */
function jsonPath(path: readonly PropertyKey[]): string {
  if (path.length === 0) return '$';
  return path
    .map((key) => (typeof key === 'number' ? `[${key}]` : `.${String(key)}`))
    .join('')
    .replace(/^\./, '');
}

function shown(input: unknown): string {
  if (input === undefined) return 'nothing';
  if (Array.isArray(input)) return 'a list';
  if (typeof input === 'object' && input !== null) return 'an object';
  const text = JSON.stringify(input) ?? String(input);
  return text.length > 60 ? `${text.slice(0, 57)}…` : text;
}

const KIND_NAMES: Record<string, string> = {
  string: 'text',
  number: 'a number',
  int: 'a whole number',
  boolean: 'true or false',
  array: 'a list',
  object: 'an object',
  record: 'an object',
};

function expectation(issue: Issue): string {
  switch (issue.code) {
    case 'invalid_type':
      return KIND_NAMES[issue.expected] ?? issue.expected;
    case 'invalid_value':
      return issue.values.length === 1
        ? JSON.stringify(issue.values[0])
        : `one of ${issue.values.map((v) => JSON.stringify(v)).join(', ')}`;
    case 'too_small':
      return `${sizeOf(issue.origin)} of at least ${issue.minimum}`;
    case 'too_big':
      return `${sizeOf(issue.origin)} of at most ${issue.maximum}`;
    default:
      return issue.message;
  }
}

function sizeOf(origin: string): string {
  if (origin === 'string') return 'text with a length';
  if (origin === 'array') return 'a list with a length';
  return origin === 'int' ? 'a whole number' : 'a number';
}
