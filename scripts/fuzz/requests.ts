import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { z } from 'zod';
import { oneOf } from '../../core/basics/random';
import { dayBatchSchema } from '../../core/clean/events';
import { changeSchema } from '../../core/household/change';
import type { HouseholdFile } from '../../core/household/household';
import { memberSchema } from '../../core/people/member';
import { whatIfSchema } from '../../core/what-if/what-if-schema';
import { READ } from '../../e2e/support/addresses';
import {
  changePassphraseSchema,
  cleanFormSchema,
  idOnlySchema,
  joinSchema,
  letterSchema,
  memberFormSchema,
  recoverSchema,
  signInSchema,
  signUpSchema,
} from '../../present/forms/schemas';
import { root } from '../lib/root.mjs';
import { fittingFor, type Known } from './fitting';
import { bentDocument, hostileText } from './hostile';

/** Requests to every route and command, each nearly as a page would send it. */

export type Sent = {
  /** Route or command, by which findings are counted. */
  readonly to: string;
  readonly path: string;
  readonly method: 'GET' | 'POST';
  readonly headers?: Readonly<Record<string, string>>;
  readonly body?: string;
};

type Random = () => number;
type Draw = (random: Random) => Sent;

/** The names and ids of a household, by what asks for them. */
export function knownIn(file: HouseholdFile, steps: readonly string[]): Known {
  const rooms = file.home.floors.flatMap(({ rooms: own }) => own.map(({ id }) => id));
  const people = file.people.map(({ id }) => id);
  const tasks = [...new Set(steps.map((step) => step.slice(0, step.lastIndexOf('/'))))];
  return {
    any: [...rooms, ...people, ...tasks.slice(0, 40), 'vinegar', 'kitchen', 'Something new'],
    step: steps,
    task: tasks,
    tasks,
    before: tasks,
    room: rooms,
    rooms,
    person: people,
    people,
    who: people,
    by: people,
    to: people,
    product: ['vinegar', 'soda', 'soap'],
  };
}

/** What a command takes, beside the id of the press. */
const INPUTS: Readonly<Record<string, z.ZodType>> = {
  change: changeSchema,
  steerPlan: changeSchema,
  saveClean: cleanFormSchema,
  saveMember: memberFormSchema,
  saveExceptions: memberSchema.pick({ id: true, exceptions: true }),
  takeWhatIf: whatIfSchema,
  dropMember: idOnlySchema,
  moveTask: z.object({ task: z.string(), before: z.string() }),
  moveWork: z.object({ task: z.string(), date: z.string(), time: z.string().optional(), person: z.string() }),
  moveWholeSession: z.object({ person: z.string(), date: z.string(), to: z.string(), by: z.string() }),
  goBackTo: z.object({ version: z.int().min(1).max(3) }),
  planTrip: z.object({ bags: z.int().min(1).max(20), place: z.string().optional() }),
  settle: z.object({ found: z.string() }),
  takeOneMoreBlock: z.object({ person: z.string(), minutes: z.int().min(10).max(240) }),
  makeHelper: z.string(),
  withdrawHelper: z.string(),
  doneToday: z.object({ task: z.string(), person: z.string().optional(), minutes: z.int().min(1).max(90) }),
  sayOfDone: z.object({ line: z.string(), minutes: z.int().min(1).max(90) }),
  setOutOnNext: z.object({ name: z.string(), start: z.iso.date(), finish: z.iso.date() }),
  removePicture: z.object({ id: z.string() }),
  changeRole: z.object({ account: z.uuid(), role: z.enum(['keeper', 'planner', 'helper']) }),
  invite: z.object({ role: z.enum(['keeper', 'planner', 'helper']) }),
};

/** Commands that take what they take as it is, without the id of a press. */
const BARE: Readonly<Record<string, z.ZodType>> = {
  signUp: signUpSchema,
  signIn: signInSchema,
  recover: recoverSchema,
  askForLetter: letterSchema,
  join: joinSchema,
  changePassphrase: changePassphraseSchema,
  explainPlace: z.string(),
};

/** Leaves the household, which is needed for the next one. */
const NOT_ASKED = new Set(['signOut', 'lookRound']);

/** Every way to ask for something, to draw from. */
export function requestsOf(known: Known): readonly Draw[] {
  return [...readings(known), ...routes(known), ...commands(known)];
}

function readings(known: Known): Draw[] {
  return Object.entries(READ).flatMap(([route, addresses]) =>
    addresses.map(
      (address): Draw =>
        (random) => ({
          to: `GET ${route}`,
          path: bentAddress(address, known, random),
          method: 'GET',
        }),
    ),
  );
}

/** Half a letter can't be written into an address. */
const wellFormed = (text: string) => text.replaceAll('\uD83D', '\uFFFD');

function bentAddress(address: string, known: Known, random: Random): string {
  const odd = () =>
    encodeURIComponent(
      random() < 0.5 ? oneOf(known.any, random) : wellFormed(hostileText(random)).slice(0, 3_000),
    );
  const [path = '', query = ''] = address.split('?');
  const parts = path.split('/');
  if (random() < 0.6) parts[parts.length - 1] = odd();
  if (random() < 0.2) parts.push(odd());
  const asked = new URLSearchParams(query);
  for (const key of [...asked.keys()])
    if (random() < 0.5) asked.set(key, hostileText(random).slice(0, 3_000));
  if (random() < 0.3)
    asked.set(
      oneOf(['person', 'year', 'by', 'before', 'id', 'take'], random),
      hostileText(random).slice(0, 3_000),
    );
  const bent = `${parts.join('/') || '/'}${asked.size > 0 ? `?${asked}` : ''}`;
  return random() < 0.05 ? `${bent}%E0%A4%A` : bent;
}

/** As it fits now and then, so that it gets all the way; else bent. */
const FITTING = 0.25;
const bentOften = (document: unknown, random: Random) =>
  random() < FITTING ? document : bentDocument(document, random);

function routes(known: Known): Draw[] {
  const batch = fittingFor(dayBatchSchema, known);
  const change = fittingFor(changeSchema, known);
  const whatIf = fittingFor(whatIfSchema, known);
  const ways: readonly (readonly [path: string, document: (random: Random) => unknown])[] = [
    ['/api/day/events', batch],
    ['/help/0123456789abcdef/events', batch],
    ['/api/change', (random) => ({ id: crypto.randomUUID(), input: change(random) })],
    ['/api/what-if', whatIf],
  ];
  return ways.map(([path, document]) => (random) => ({
    to: `POST ${path}`,
    path,
    method: 'POST',
    body: JSON.stringify(bentOften(document(random), random)) ?? '',
  }));
}

type Manifest = { readonly node: Readonly<Record<string, { readonly exportedName?: string }>> };

/** Every command that pages send, by its name in the build. */
function commands(known: Known): Draw[] {
  const file = join(root, '.next', 'server', 'server-reference-manifest.json');
  const { node }: Manifest = JSON.parse(readFileSync(file, 'utf8'));
  return Object.entries(node).flatMap(([id, { exportedName: name = '' }]) => {
    if (NOT_ASKED.has(name)) return [];
    const bare = BARE[name];
    const input = fittingFor(bare ?? INPUTS[name] ?? z.undefined().or(z.string()), known);
    const argument = (random: Random) =>
      bare ? input(random) : { id: crypto.randomUUID(), ...(INPUTS[name] && { input: input(random) }) };
    return [
      (random: Random): Sent => ({
        to: name,
        path: '/aim',
        method: 'POST',
        headers: { 'next-action': id, 'content-type': 'text/plain;charset=UTF-8' },
        body: JSON.stringify(bentOften([argument(random)], random)) ?? '[]',
      }),
    ];
  });
}
