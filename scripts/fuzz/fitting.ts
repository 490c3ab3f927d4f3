import { z } from 'zod';
import { oneOf } from '../../core/basics/random';

/** Documents that fit a schema, drawn: what is bent afterwards is nearly right, and gets further than what is wrong all over. */

type Random = () => number;
/** As much of JSON Schema as is needed. */
type Shape = {
  readonly type?: string;
  readonly const?: unknown;
  readonly enum?: readonly unknown[];
  readonly anyOf?: readonly Shape[];
  readonly oneOf?: readonly Shape[];
  readonly allOf?: readonly Shape[];
  readonly properties?: Readonly<Record<string, Shape>>;
  readonly required?: readonly string[];
  readonly items?: Shape;
  readonly prefixItems?: readonly Shape[];
  readonly minItems?: number;
  readonly minimum?: number;
  readonly maximum?: number;
  readonly exclusiveMinimum?: number;
  readonly format?: string;
  readonly pattern?: string;
  readonly $ref?: string;
  readonly $defs?: Readonly<Record<string, Shape>>;
};

/** Ids and names that there are, by the name of what asks for them; `any` for the rest. */
export type Known = Readonly<Record<string, readonly string[]>> & { readonly any: readonly string[] };

/** Draws documents that fit a schema, as far as JSON Schema can tell. */
export function fittingFor(schema: z.ZodType, known: Known): (random: Random) => unknown {
  const whole = z.toJSONSchema(schema, { io: 'input', unrepresentable: 'any' }) as Shape;
  return (random) => drawn(whole, whole, known, random, '');
}

const OFTEN = 0.6;

function drawn(shape: Shape, whole: Shape, known: Known, random: Random, name: string): unknown {
  const again = (one: Shape, called = name) => drawn(one, whole, known, random, called);
  if (shape.$ref)
    return again(shape.$ref === '#' ? whole : (whole.$defs?.[shape.$ref.split('/').at(-1) ?? ''] ?? {}));
  if (shape.const !== undefined) return shape.const;
  if (shape.enum) return oneOf(shape.enum, random);
  const either = shape.anyOf ?? shape.oneOf;
  if (either) return again(oneOf(either, random));
  if (shape.allOf) return Object.assign({}, ...shape.allOf.map((one) => again(one) as object));
  if (shape.type === 'object') {
    const properties = Object.entries(shape.properties ?? {});
    const taken = properties.filter(([key]) => shape.required?.includes(key) || random() < OFTEN);
    return Object.fromEntries(taken.map(([key, one]) => [key, again(one, key)]));
  }
  if (shape.type === 'array') {
    if (shape.prefixItems) return shape.prefixItems.map((one) => again(one));
    const count = Math.max(shape.minItems ?? 0, Math.floor(random() * 3));
    return Array.from({ length: count }, () => again(shape.items ?? {}));
  }
  if (shape.type === 'integer' || shape.type === 'number') return aNumber(shape, random);
  if (shape.type === 'boolean') return random() < 0.5;
  if (shape.type === 'null') return null;
  return aText(shape, known, random, name);
}

function aNumber({ type, minimum, exclusiveMinimum, maximum }: Shape, random: Random): number {
  const low = minimum ?? (exclusiveMinimum === undefined ? 0 : exclusiveMinimum + 0.1);
  const high = Math.min(maximum ?? 100, low + 100);
  const value = low + random() * (high - low);
  return type === 'integer' ? Math.round(value) : value;
}

const BY_PATTERN: readonly (readonly [sample: string, test: RegExp])[] = [
  ['2027-03-02', /^\d{4}-\d{2}-\d{2}$/],
  ['18:30', /^\d{2}:\d{2}$/],
  ['2027-03-02T18:30', /^\d{4}-\d{2}-\d{2}T\d{2}:\d{2}$/],
  ['2027-03-02T18:30:00', /^\d{4}-\d{2}-\d{2}T\d{2}:\d{2}:\d{2}$/],
];

function aText({ format, pattern }: Shape, known: Known, random: Random, name: string): string {
  if (format === 'uuid') return crypto.randomUUID();
  if (format === 'email') return 'somebody@example.org';
  if (pattern) {
    const fits = new RegExp(pattern, 'u');
    const found = BY_PATTERN.find(([sample]) => fits.test(sample));
    if (found) return found[0];
  }
  return oneOf(known[name] ?? known.any, random);
}
