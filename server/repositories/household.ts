import { MOST_EVENTS } from '../../core/basics/limits';
import { isTimezone } from '../../core/basics/wall-clock';
import { CATALOGUE } from '../../core/catalogue/catalogue';
import type { RecordLine } from '../../core/clean/record-line';
import type { HouseholdFile } from '../../core/household/household';
import type { StoredHousehold } from '../../core/household/stored';
import { linesOf } from '../../core/record/line-of';
import { listTasks } from '../../core/work/tasks';
import { workOf } from '../../core/work/work';
import type { HouseholdScope, OwnedTable } from '../db/scope';
import { insertPlans, insertTicks, loadParts, loadPlansForFile, loadTicks, putParts } from './clean';
import { allEvents, insertEvents } from './day';
import { insertEditable, loadEditable } from './editable';
import { insertPictures, picturesForFile } from './pictures';
import { insertRecord, loadLastDone, loadPastCleans, loadRecord, putPastCleans } from './record';

/** The whole household as one value. */
export async function loadHousehold(scope: HouseholdScope): Promise<StoredHousehold> {
  const [own, editable] = await Promise.all([
    scope.own().first('name', 'timezone') as Promise<{ name: string; timezone: string } | undefined>,
    loadEditable(scope),
  ]);
  if (!own) throw new Error('The household of this session is not there.');
  return {
    format: 'early-thaw/household',
    version: 1,
    name: own.name,
    // One that was taken for a zone once and is none is no reason to keep a household shut.
    timezone: isTimezone(own.timezone) ? own.timezone : 'UTC',
    ...editable,
    ticks: editable.clean ? await loadTicks(scope, editable.clean.id) : [],
    parts: editable.clean ? await loadParts(scope) : [],
    lastDone: await loadLastDone(scope, editable.clean?.id),
  };
}

/** The whole household as the file that a person takes away; of plans the first and the last few, of events the last. */
export async function householdFile(
  scope: HouseholdScope,
  { withPictures = false }: { readonly withPictures?: boolean } = {},
): Promise<HouseholdFile> {
  const { clean, lastDone: _lastDone, ...rest } = await loadHousehold(scope);
  return {
    ...rest,
    ...(clean && { clean }),
    events: (await allEvents(scope)).slice(-MOST_EVENTS),
    record: await loadRecord(scope),
    past: await loadPastCleans(scope),
    pictures: withPictures ? await picturesForFile(scope, MOST_BYTES_OF_PICTURES) : [],
    plans: clean ? await loadPlansForFile(scope, clean.id) : [],
  };
}

/** Of pictures in a file, before they are written in letters: the rest of it needs its room, too. */
const MOST_BYTES_OF_PICTURES = 20_000_000;

/** Fills a household that is still empty. */
export async function insertHousehold(scope: HouseholdScope, household: HouseholdFile): Promise<void> {
  await scope.transaction(async (inside) => {
    await insertEvents(inside, household.events, 0);
    await inside.own().update({ day_seq: household.events.length });
    await insertAllButEvents(inside, household);
  });
}

/** All of a household but what happened on its days. */
async function insertAllButEvents(inside: HouseholdScope, household: HouseholdFile): Promise<void> {
  const { clean } = household;
  await insertEditable(inside, { ...household, clean });
  await insertRecord(inside, recordOf(household));
  await putPastCleans(inside, household.past);
  await insertPictures(inside, household.pictures);
  if (!clean) return;
  await insertTicks(inside, clean.id, household.ticks);
  await putParts(inside, household.parts);
  await insertPlans(inside, clean.id, household.plans);
}

/** The record of a file; one of before there was a record has its ticks. */
function recordOf(household: HouseholdFile): RecordLine[] {
  const { clean, ticks, people, record } = household;
  const isThere = record.some((line) => line.clean === clean?.id);
  if (!clean || ticks.length === 0 || isThere) return record;
  const names = new Map(people.map(({ id, name }) => [id, name]));
  const tasks = listTasks(workOf({ ...household, clean }, CATALOGUE));
  return [...record, ...linesOf(tasks, ticks, { clean: clean.id, names })];
}

/** Whatever hangs on these goes with them. */
const WHOLE: readonly OwnedTable[] = [
  'floors',
  'members',
  'machines',
  'cleans',
  'settings',
  'marks',
  'methods',
  'edits',
  'parts',
  'day_events',
  'record',
  'past_cleans',
];

const LAST = 'last';

/**
 * Puts the household of a file in the place of the one that is there, which is kept to be brought back; only under the
 * lock. What happened according to the file is numbered on from `last`; returns how many things that is.
 */
export async function replaceHousehold(
  inside: HouseholdScope,
  household: HouseholdFile,
  last: number,
): Promise<number> {
  const document = JSON.stringify(await householdFile(inside));
  for (const table of WHOLE) await inside.rows(table).del();
  await inside.own().update({ name: household.name, timezone: household.timezone });
  await insertEvents(inside, household.events, last);
  await insertAllButEvents(inside, household);
  await inside.put('replaced', { id: LAST, document }, ['id']);
  return household.events.length;
}

/** The household that the last file took the place of, as text; undefined where there was none. */
export async function loadReplaced(scope: HouseholdScope): Promise<string | undefined> {
  const row: { document: string } | undefined = await scope
    .rows('replaced')
    .where({ id: LAST })
    .first('document');
  return row?.document;
}

export async function hasReplaced(scope: HouseholdScope): Promise<boolean> {
  return (await scope.rows('replaced').where({ id: LAST }).first('id')) !== undefined;
}
