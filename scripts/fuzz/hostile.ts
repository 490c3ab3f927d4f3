import { oneOf } from '../../core/basics/random';

/** What people with bad luck or bad intent send: values, documents and bytes that are nearly right. Drawn, so that a seed repeats it. */

type Random = () => number;

const LONG = 100_000;
const DEEP = 400;

/** Texts that have made programs stumble. */
const TEXTS: readonly string[] = [
  '',
  ' ',
  '0',
  '-1',
  'null',
  'NaN',
  '__proto__',
  'constructor',
  '<script>alert(1)</script>',
  '<img src=x onerror=alert(1)>',
  '=HYPERLINK("http://elsewhere.example","x")',
  '@SUM(1+1)*cmd',
  "'; DROP TABLE rooms; --",
  '{{7*7}}',
  '../../../../etc/passwd',
  '%00',
  '\u0000',
  '\u0007\u001b[31m',
  '\u202Eneppart\u202C',
  '\uFEFF',
  '\uD83D',
  '𝔎𝔦𝔱𝔠𝔥𝔢𝔫',
  'é'.normalize('NFD').repeat(50),
  '2027-02-30',
  '0000-00-00',
  '99999-01-01',
  '24:00',
  '2027-03-01T25:61',
  'a'.repeat(LONG),
  ' '.repeat(LONG),
];

const NUMBERS: readonly number[] = [0, -1, 1, 0.5, -0, 1e9, -1e9, 1e308, 2 ** 31, 2 ** 53, 1e-9];

function deep(): unknown {
  let value: unknown = [];
  for (let i = 0; i < DEEP; i++) value = [value];
  return value;
}

/** A value of any kind but a fitting one. */
export function hostileValue(random: Random): unknown {
  const kinds: readonly (() => unknown)[] = [
    () => oneOf(TEXTS, random),
    () => oneOf(TEXTS, random),
    () => oneOf(NUMBERS, random),
    () => null,
    () => random() < 0.5,
    () => [],
    () => ({}),
    () => deep(),
    () => Array.from({ length: 2_000 }, () => oneOf(TEXTS.slice(0, 12), random)),
  ];
  return oneOf(kinds, random)();
}

export const hostileText = (random: Random): string => oneOf(TEXTS, random);

/** A document with one to three of its parts replaced, left out, doubled or added to. */
export function bentDocument(document: unknown, random: Random): unknown {
  let bent = structuredClone(document);
  for (let i = 0; i <= Math.floor(random() * 3); i++) bent = bentOnce(bent, random);
  return bent;
}

function bentOnce(document: unknown, random: Random): unknown {
  if (typeof document !== 'object' || document === null || random() < 0.1) return hostileValue(random);
  const keys = Object.keys(document);
  if (Array.isArray(document)) {
    if (keys.length === 0) return [hostileValue(random)];
    const at = Math.floor(random() * document.length);
    if (random() < 0.15) return [...document, document[at]];
    if (random() < 0.15) return document.filter((_one, i) => i !== at);
    return document.map((one, i) => (i === at ? bentOnce(one, random) : one));
  }
  const known = document as Record<string, unknown>;
  if (keys.length === 0 || random() < 0.1)
    return { ...known, [hostileText(random).slice(0, 60)]: hostileValue(random) };
  const key = oneOf(keys, random);
  if (random() < 0.15) return Object.fromEntries(Object.entries(known).filter(([name]) => name !== key));
  return { ...known, [key]: bentOnce(known[key], random) };
}

/** Bytes that were cut, doubled, flipped, or had something put among them. */
export function bentBytes(bytes: Uint8Array, random: Random): Uint8Array {
  const at = () => Math.floor(random() * (bytes.length + 1));
  const put = new TextEncoder().encode(hostileText(random));
  const ways: readonly (() => Uint8Array)[] = [
    () => bytes.slice(0, at()),
    () => bytes.slice(at()),
    () => joined(bytes, bytes.slice(at())),
    () => flipped(bytes, random, 1),
    () => flipped(bytes, random, 20),
    () => spliced(bytes, at(), put),
    () => joined(Uint8Array.of(0xef, 0xbb, 0xbf), bytes),
    () => joined(Uint8Array.of(0xff, 0xfe), bytes),
    () => withLines(bytes, random),
  ];
  return oneOf(ways, random)();
}

function joined(...parts: readonly Uint8Array[]): Uint8Array {
  return Buffer.concat(parts);
}

function spliced(bytes: Uint8Array, at: number, put: Uint8Array): Uint8Array {
  return joined(bytes.slice(0, at), put, bytes.slice(at));
}

function flipped(bytes: Uint8Array, random: Random, count: number): Uint8Array {
  const bent = Uint8Array.from(bytes);
  for (let i = 0; i < count; i++) bent[Math.floor(random() * bent.length)] = Math.floor(random() * 256);
  return bent;
}

/** Lines left out, doubled, put elsewhere, or with a hostile text in place of what stands after the first mark. */
function withLines(bytes: Uint8Array, random: Random): Uint8Array {
  const lines = Buffer.from(bytes).toString('utf8').split('\n');
  const at = Math.floor(random() * lines.length);
  const line = lines[at] ?? '';
  const mark = Math.max(line.indexOf(':'), line.indexOf(','), line.indexOf(';'));
  const bent = oneOf([[], [line, line], [line.slice(0, mark + 1) + hostileText(random)]], random);
  lines.splice(at, 1, ...bent);
  return Buffer.from(lines.join('\n'), 'utf8');
}
