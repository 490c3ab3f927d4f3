import { z } from 'zod';
import { UNITS } from '../basics/choices';
import { dateSchema, idSchema } from '../basics/scalars';
import { MACHINE_KINDS } from '../catalogue/work-kinds';
import { cleanSchema } from '../clean/clean';
import { householdMachineSchema } from '../machines/household-machine';
import { memberSchema } from '../people/member';
import { type AnyRow, rowsOn } from './change-row';
import type { Editable } from './editable';
import { made, refuse } from './made';
import { put } from './put';

const row = rowsOn<Editable>();

/** Who and what does the work, under which sky, and what the clean is for. */
export const CLEAN_CHANGES = {
  /** Adds a person, or says everything of one anew. */
  'put-member': row({
    shape: { member: memberSchema },
    apply: (before, { member }) =>
      made({ ...before, people: put(before.people, member, (known) => known.id) }),
    words: ({ member }, { people }) =>
      people.some((known) => known.id === member.id) ? `${member.name} changed` : `${member.name} joined`,
    inside: true,
  }),
  'drop-member': row({
    shape: { id: idSchema },
    apply: (before, { id }) =>
      made({ ...before, people: before.people.filter((member) => member.id !== id) }),
    words: ({ id }, { people }) => `${people.find((member) => member.id === id)?.name ?? 'Somebody'} left`,
    inside: true,
  }),
  'put-machine': row({
    shape: { machine: householdMachineSchema },
    apply: (before, { machine }) =>
      made({ ...before, machines: put(before.machines, machine, (known) => known.id) }),
    words: ({ machine }) => `${MACHINE_KINDS[machine.kind]} kept`,
  }),
  'drop-machine': row({
    shape: { id: idSchema },
    apply: (before, { id }) =>
      made({ ...before, machines: before.machines.filter((machine) => machine.id !== id) }),
    words: () => 'A machine taken out',
  }),
  'put-clean': row({
    shape: { clean: cleanSchema },
    apply: (before, { clean }) => made({ ...before, clean }),
    words: () => 'The aim changed',
    inside: true,
  }),
  /** A date held back for what slips, or opened for work. */
  'reserve-day': row({
    shape: { date: dateSchema, reserve: z.boolean() },
    apply: (before, { date, reserve }) => {
      const { clean } = before;
      if (!clean) return refuse('gone');
      const others = clean.reserve.filter((known) => known !== date);
      const dates = reserve ? [...others, date].sort() : others;
      return made({ ...before, clean: { ...clean, reserve: dates } });
    },
    words: ({ reserve }) => (reserve ? 'A day held in reserve' : 'A reserve day opened for work'),
  }),
  /** Whether a date is dry; where nothing is said of it, the forecast holds again. */
  weather: row({
    shape: { date: dateSchema, dry: z.boolean().optional() },
    apply: (before, said) => made({ ...before, weather: withWeather(before.weather, said) }),
    words: () => 'The weather of a date',
  }),
  /** The simulated forecast for dates of which nothing is said: what it is drawn from; absent: it is off, and they are dry. */
  forecast: row({
    shape: { seed: z.int().min(0).max(2_147_483_647).optional() },
    apply: ({ forecastSeed: _before, ...rest }, { seed }) =>
      made({ ...rest, ...(seed !== undefined && { forecastSeed: seed }) }),
    words: ({ seed }) => (seed === undefined ? 'The simulated forecast off' : 'The simulated forecast on'),
  }),
  units: row({
    shape: { units: z.enum(UNITS) },
    apply: (before, { units }) => made({ ...before, units }),
    words: () => 'Units changed',
    planless: true,
  }),
} satisfies Record<string, AnyRow<Editable>>;

function withWeather(
  known: Editable['weather'],
  { date, dry }: { readonly date: string; readonly dry?: boolean | undefined },
): Editable['weather'] {
  const others = known.filter((day) => day.date !== date);
  return dry === undefined ? others : [...others, { date, dry }].sort((a, b) => (a.date < b.date ? -1 : 1));
}
