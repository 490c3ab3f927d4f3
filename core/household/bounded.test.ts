import { describe, expect, it } from 'vitest';
import { z } from 'zod';
import { dayBatchSchema } from '../clean/events';
import { madePlanSchema } from '../plan/plan';
import { problemSchema } from '../plan/problem';
import { changeSchema } from './change';
import { householdSchema } from './household';

type Node = { readonly [key: string]: unknown };
const isNode = (value: unknown): value is Node => typeof value === 'object' && value !== null;

/** Where a schema lets something be as long as it likes. */
function* unbounded(node: unknown, path: string): Generator<string> {
  if (Array.isArray(node)) for (const [i, one] of node.entries()) yield* unbounded(one, `${path}/${i}`);
  if (!isNode(node) || Array.isArray(node)) return;
  if (node.type === 'array' && node.maxItems === undefined && node.prefixItems === undefined)
    yield `list ${path}`;
  const isFree = ['maxLength', 'pattern', 'format', 'enum', 'const'].every((key) => node[key] === undefined);
  if (node.type === 'string' && isFree) yield `text ${path}`;
  for (const [key, one] of Object.entries(node)) yield* unbounded(one, `${path}/${key}`);
}

describe('every list and every text that comes from outside', () => {
  it.each([
    ['a household', householdSchema],
    ['a change', changeSchema],
    ['what happened on a day', dayBatchSchema],
    ['a problem', problemSchema],
    ['a plan', madePlanSchema],
  ])('has a limit: %s', (_name, schema) => {
    const json = z.toJSONSchema(schema as z.ZodType, { io: 'input', unrepresentable: 'any' });
    expect([...unbounded(json, '')]).toEqual([]);
  });
});
