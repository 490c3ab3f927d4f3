import { describe, expect, it } from 'vitest';
import { CATALOGUE } from '../core/catalogue/catalogue';
import { writeRoomsTable } from '../core/formats/rooms-table';
import { expand } from '../core/problem/expand';
import { checkPlan } from '../core/spread';
import { homeNamed } from '../demo/dozen-homes';
import readFile, { type FileRead } from './file.worker';
import makePlan from './plan.worker';

const household = homeNamed('no machines');
const problem = expand(household, CATALOGUE, '2027-03-01T07:00');
const subject = { problem, problemHash: '0'.repeat(64) };

describe('the thread that plans', () => {
  it('makes the same valid plan of the same rounds, and another way to say it by seconds', () => {
    const once = makePlan({ ...subject, do: 'plan', seed: 1, rounds: 3 });
    expect(checkPlan(problem, once, subject.problemHash)).toEqual([]);
    expect(makePlan({ ...subject, do: 'plan', seed: 1, rounds: 3 })).toEqual(once);
    const soon = makePlan({ ...subject, do: 'plan', seed: 1, seconds: 0 });
    expect(checkPlan(problem, soon, subject.problemHash)).toEqual([]);
  });

  it('makes a plan to fit, and leaves alone what need not move', () => {
    const before = makePlan({ ...subject, do: 'plan', seed: 1, rounds: 0 });
    const after = makePlan({ ...subject, do: 'replan', before });
    expect(after.entries).toEqual(before.entries);
  });
});

describe('the thread that reads files', () => {
  const range = { timezone: 'Europe/Berlin', from: '2027-03-01', to: '2027-03-31' };

  it('reads each as what it is', async () => {
    const { file: read, table } = (await readFile({
      as: 'rooms',
      bytes: Buffer.from(writeRoomsTable(household.home)),
      home: { ...household.home, floors: [] },
      words: {},
    })) as FileRead['rooms'];
    expect(read).toMatchObject({ is: 'table', letters: 'UTF-8' });
    expect(table?.faults).toEqual([]);
    expect(table?.fixtures).toBeGreaterThan(10);
    const file = await readFile({ as: 'household', text: JSON.stringify(household) });
    expect(file).toMatchObject({ ok: true, value: { name: 'no machines' } });
    expect(await readFile({ as: 'calendar', text: 'no calendar', range })).toEqual({
      ok: false,
      why: 'no-calendar',
    });
  });

  it('lists no more faults than anybody would read', async () => {
    const marks = Array.from({ length: 3_000 }, () => ({}));
    const read = (await readFile({
      as: 'household',
      text: JSON.stringify({ ...household, marks }),
    })) as FileRead['household'];
    expect(!read.ok && read.faults.length).toBe(1_000);
  });
});
