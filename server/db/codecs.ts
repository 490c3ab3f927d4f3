import { cleanSchema } from '../../core/clean/clean';
import { tickSchema } from '../../core/clean/tick';
import { fixtureSchema, floorSchema, roomSchema, stopSchema } from '../../core/home/room-schema';
import { householdMachineSchema } from '../../core/machines/household-machine';
import { memberSchema } from '../../core/people/member';
import { codec, flag, json, plain } from './codec';

/** Which field lies in which column. What a thing holds of others lies in their tables. */

export const FLOORS = codec(floorSchema.omit({ rooms: true }), { id: plain('id'), name: plain('name') });

export const ROOMS = codec(roomSchema.omit({ stops: true }), {
  id: plain('id'),
  name: plain('name'),
  kind: plain('kind'),
  lengthM: plain('length_m'),
  widthM: plain('width_m'),
  heightM: plain('height_m'),
  ventilation: plain('ventilation'),
  opensTo: json('opens_to'),
});

export const STOPS = codec(stopSchema.omit({ fixtures: true }), {
  id: plain('id'),
  name: plain('name'),
  shell: flag('shell'),
});

export const FIXTURES = codec(fixtureSchema, {
  id: plain('id'),
  kind: plain('kind'),
  height: plain('height'),
  count: plain('count'),
  size: json('size'),
  surface: plain('surface'),
  soil: plain('soil'),
  fullness: plain('fullness'),
  leave: flag('leave_it'),
  lastDone: plain('last_done'),
  mend: plain('mend'),
  places: json('places'),
  needs: plain('needs'),
});

export const MEMBERS = codec(memberSchema, {
  id: plain('id'),
  name: plain('name'),
  hours: json('hours'),
  dailyCap: plain('daily_cap'),
  cannot: json('cannot'),
  dislikes: json('dislikes'),
  breakAfter: plain('break_after'),
  breakLength: plain('break_length'),
  pace: plain('pace'),
  age: plain('age'),
  atHome: plain('at_home'),
  exceptions: json('exceptions'),
  busy: json('busy'),
});

export const MACHINES = codec(householdMachineSchema, {
  id: plain('id'),
  kind: plain('kind'),
  from: plain('runs_from'),
  to: plain('runs_to'),
  kg: plain('takes_kg'),
});

export const CLEANS = codec(cleanSchema, {
  id: plain('id'),
  name: plain('name'),
  reason: plain('reason'),
  reward: plain('reward'),
  start: plain('start'),
  finish: plain('finish'),
  spread: plain('spread'),
  grouping: plain('grouping'),
  firstJob: plain('first_job'),
  matters: plain('matters'),
  block: json('block'),
  openRooms: plain('open_rooms'),
  reserve: json('reserve'),
  sessionCap: plain('session_cap'),
  products: plain('products'),
  belongings: plain('belongings'),
  sweep: json('sweep'),
  estimates: plain('estimates'),
  closed: plain('closed'),
});

export const TICKS = codec(tickSchema, {
  step: plain('step'),
  at: plain('at'),
  used: json('used'),
  seconds: plain('seconds'),
  person: plain('person'),
});
