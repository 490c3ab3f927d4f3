import type { Units } from '@/core/basics/choices';
import { groupBy } from '@/core/basics/group-by';
import { formatMinute, minuteOf } from '@/core/basics/local-time';
import type { MethodStep } from '@/core/catalogue/method';
import { plannedMinutes } from '@/core/estimate/estimate';
import { type Load, loadsOf } from '@/core/laundry/loads';
import type { Piece, SpotAt } from '@/core/laundry/piece';
import { type Colour, textileOf } from '@/core/laundry/textile';
import type { PlanEntry } from '@/core/plan/plan';
import type { Campaign, Current } from '@/core/problem/campaign';
import { washedBy } from '@/core/work/load';
import { type CleanTask, stepIdOf } from '@/core/work/tasks';
import { atHandOf } from '@/core/work/work';
import { weightWords } from './supply-words';

/** The wash of a clean: what the machine runs for, when, what is in each drum, and where it dries till when. */

export type Arc = {
  readonly words: string;
  readonly pieces: number;
  /** Of what the drum takes, by weight: 0 to 1. */
  readonly share: number;
  readonly colour: Colour;
};

/** What is in a drum together. */
export type Drum = {
  /** From 1 on, in the order in which they are washed. */
  readonly number: number;
  readonly programme: string;
  readonly weight: string;
  readonly capacity: string;
  readonly arcs: readonly Arc[];
};

export type Drying = {
  readonly where: 'in the dryer' | 'on the line' | 'on an airer' | 'where it hangs';
  readonly until: string | undefined;
};

export type WashRun = {
  readonly key: string;
  readonly title: string;
  readonly room: string;
  readonly start: string;
  /** When the machine is through. */
  readonly end: string;
  /** When it must be out of the machine. */
  readonly outBy: string | undefined;
  readonly dries: Drying | undefined;
  /** One after the other. */
  readonly drums: readonly Drum[];
};

/** Runs of one date that would go into one drum, by what is washed and the room that it is from. */
export type Together = { readonly date: string; readonly names: readonly string[] };

export type WashScreen = {
  /** Whether there is a machine in the house. */
  readonly atHome: boolean;
  readonly runs: readonly WashRun[];
  readonly together: readonly Together[];
  /** What the machine can't take, by name and room. */
  readonly tooHeavy: readonly string[];
  /** What has no date yet, in as few drums as may be. */
  readonly waiting: readonly Drum[];
};

export function washScreen(state: Current): WashScreen {
  const { units } = state.household;
  const { washerKg } = atHandOf(state.household);
  const open = openWashes(state);
  const planned = open
    .filter(({ entry }) => entry !== undefined)
    .sort((a, b) => (startOf(a) < startOf(b) ? -1 : 1));
  const waiting = open.filter(({ entry }) => entry === undefined);
  const byDate = groupBy(planned, (wash) => startOf(wash).slice(0, 10));
  return {
    atHome: state.household.machines.some(({ kind }) => kind === 'washer'),
    runs: planned.map((wash) => runOf(wash, units, washerKg)),
    together: [...byDate].flatMap(([date, own]) =>
      togetherOf(own, washerKg).map((names) => ({ date, names })),
    ),
    tooHeavy: tooHeavyIn(open, washerKg),
    waiting: loadsOf(
      waiting.flatMap(({ pieces }) => pieces),
      washerKg,
    ).loads.map(drumIn(units)),
  };
}

/** One run of the machine for one task. */
type Wash = {
  readonly task: CleanTask;
  readonly pieces: readonly Piece[];
  readonly entry: PlanEntry | undefined;
  readonly minutes: number;
  readonly outBy: string | undefined;
  readonly dries: Drying | undefined;
};

const startOf = ({ entry }: Wash) => entry?.start ?? '';

/** What is still to be washed, with its place in the plan where it has one. */
function openWashes({ tasks, campaign, household }: Current): Wash[] {
  const done = new Set<string>(household.ticks.map(({ step }) => step));
  const entries = entriesOf(campaign);
  return tasks.flatMap((task): Wash[] => {
    const { steps } = task.estimate;
    const at = steps.findIndex(({ step }) => isWash(step));
    const wash = steps[at];
    const pieces = washedBy(task);
    if (!wash || pieces.length === 0 || steps.slice(at).some((step) => done.has(stepIdOf(task, step))))
      return [];
    const entry = entries.get(stepIdOf(task, wash));
    const dry = steps.slice(at + 1).find(({ step }) => step.mode === 'wait' && isDrying(step));
    const dried = dry && entries.get(stepIdOf(task, dry));
    return [
      {
        task,
        pieces,
        entry,
        minutes: plannedMinutes(wash),
        outBy: entry && outBy(task, stepIdOf(task, wash), entry, campaign),
        dries: dryingOf(dry?.step, pieces, dried?.end),
      },
    ];
  });
}

/** Where what is washed comes from: of a load, each place. */
const placesOfWash = (task: CleanTask): readonly SpotAt[] => task.from ?? [task];

function entriesOf(campaign: Campaign | undefined): ReadonlyMap<string, PlanEntry> {
  return new Map((campaign?.plans?.latest.plan.entries ?? []).map((entry) => [entry.step, entry]));
}

const isWash = (step: MethodStep) => step.mode === 'wait' && step.machine === 'washer';
const isDrying = ({ key, machine }: MethodStep) =>
  machine === 'dryer' || machine === 'line' || key.startsWith('dry');

function outBy(
  task: CleanTask,
  id: string,
  { start }: PlanEntry,
  campaign: Campaign | undefined,
): string | undefined {
  const step = campaign?.problem.tasks.find((one) => one.id === task.id)?.steps.find((one) => one.id === id);
  return step?.mode === 'wait' && step.atMost !== undefined
    ? formatMinute(minuteOf(start) + step.atMost)
    : undefined;
}

function dryingOf(
  step: MethodStep | undefined,
  pieces: readonly Piece[],
  until: string | undefined,
): Drying | undefined {
  if (!step) {
    const hangs = pieces.some(({ textile }) => textileOf(textile).drying === 'in-place');
    return hangs ? { where: 'where it hangs', until: undefined } : undefined;
  }
  const where =
    step.machine === 'dryer' ? 'in the dryer' : step.machine === 'line' ? 'on the line' : 'on an airer';
  return { where, until };
}

function runOf(wash: Wash, units: Units, washerKg: number): WashRun {
  const { task, pieces, minutes, outBy: by, dries } = wash;
  const start = startOf(wash);
  return {
    key: task.id,
    title: task.method.title,
    room: [...new Set(placesOfWash(task).map(({ room }) => room.name))].join(', '),
    start,
    end: formatMinute(minuteOf(start) + minutes),
    outBy: by,
    dries,
    drums: loadsOf(pieces, washerKg).loads.map(drumIn(units)),
  };
}

function tooHeavyIn(washes: readonly Wash[], washerKg: number): string[] {
  return washes.flatMap(({ task, pieces }) =>
    loadsOf(pieces, washerKg).tooHeavy.map(({ textile }) => `${textileOf(textile).name}, ${task.room.name}`),
  );
}

/** Washes of one date that fit into one drum, where that saves a run. */
function togetherOf(washes: readonly Wash[], washerKg: number): (readonly string[])[] {
  const own = washes.flatMap((wash) => wash.pieces.map((piece) => ({ ...piece, wash })));
  return loadsOf(own, washerKg).loads.flatMap(({ pieces }) => {
    const sharing = new Set(pieces.map(({ wash }) => wash));
    const isWhole = [...sharing].every((wash) => wash.pieces.length === countIn(pieces, wash));
    return sharing.size > 1 && isWhole
      ? [[...sharing].map(({ task }) => `${task.method.title}, ${task.room.name}`)]
      : [];
  });
}

function countIn(pieces: readonly { readonly wash: Wash }[], wash: Wash): number {
  return pieces.filter((piece) => piece.wash === wash).length;
}

function drumIn(units: Units) {
  return ({ programme, kg, capacityKg, pieces }: Load, at: number): Drum => ({
    number: at + 1,
    programme: programme.name,
    weight: weightWords(kg, units),
    capacity: weightWords(capacityKg, units),
    arcs: [...groupBy(pieces, ({ textile }) => textile)].map(([textile, own]): Arc => {
      const { name, colour } = textileOf(textile);
      return {
        words: own.length === 1 ? name : `${own.length} × ${name.toLowerCase()}`,
        pieces: own.length,
        share: own.reduce((sum, piece) => sum + piece.kg, 0) / capacityKg,
        colour,
      };
    }),
  });
}
