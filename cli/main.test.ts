import { execFileSync, spawnSync } from 'node:child_process';
import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, describe, expect, it } from 'vitest';
import { CATALOGUE } from '../core/catalogue/catalogue';
import { formatFiles } from './format-files';
import { main } from './main';

const EXAMPLES = new URL('../docs/formats/examples/', import.meta.url).pathname;
const HOUSEHOLD = join(EXAMPLES, 'juniper-row.json');
const PROBLEM = join(EXAMPLES, 'juniper-row.problem.json');
const folder = mkdtempSync(join(tmpdir(), 'early-thaw-cli-'));
afterAll(() => rmSync(folder, { recursive: true }));

function run(...args: string[]): { code: number; out: string; err: string } {
  let out = '';
  let err = '';
  const code = main(args, { out: (text) => (out += text), err: (text) => (err += text) });
  return { code, out, err };
}

function file(name: string, content: string | Uint8Array): string {
  const path = join(folder, name);
  writeFileSync(path, content);
  return path;
}

describe('the command line', () => {
  it('plans the example household, and check finds nothing in the plan', () => {
    const planned = run('plan', PROBLEM, '--seconds', '0.2', '--seed', '7');
    expect(planned.code).toBe(0);
    expect(JSON.parse(planned.out).entries.length).toBeGreaterThan(100);
    expect(run('check', PROBLEM, file('plan.json', planned.out))).toEqual({ code: 0, out: '', err: '' });
  });

  it('expands the example household to the example problem', () => {
    expect(run('expand', HOUSEHOLD)).toEqual({ code: 0, out: readFileSync(PROBLEM, 'utf8'), err: '' });
  });

  it('prints the catalogue, every method in it', () => {
    const { code, out } = run('catalogue');
    const catalogue = JSON.parse(out);
    expect([code, catalogue.format, catalogue.methods.length]).toEqual([
      0,
      'early-thaw/catalogue',
      CATALOGUE.all().length,
    ]);
    expect(catalogue.fixtures.window.name).toBe('Window');
  });

  it('prints the estimate of every task, with parts that add up to its minutes', () => {
    const { tasks, hands } = JSON.parse(run('estimate', HOUSEHOLD).out);
    const wash = tasks.find((task: { task: string }) => task.task === 'hall-1-door:door-wash');
    // One door, heavily soiled: 1 min + 1 ÷ 12 an hour × 1.5 = 8.5.
    expect(wash).toMatchObject({
      in: true,
      hands: { minutes: 8.5 },
      steps: [{ parts: { setUpMinutes: 1 } }],
    });
    const problem = JSON.parse(readFileSync(PROBLEM, 'utf8'));
    const inScope = tasks.filter((task: { in: boolean }) => task.in);
    expect(inScope.map((task: { task: string }) => task.task)).toEqual(
      problem.tasks.map((task: { id: string }) => task.id),
    );
    expect(hands.low).toBeLessThan(hands.minutes);
  });

  it('lists broken rules one a line and exits with 1', () => {
    const plan = JSON.parse(run('plan', PROBLEM, '--seconds', '0').out);
    plan.sessions = [];
    plan.entries.pop();
    const checked = run('check', PROBLEM, file('broken.json', JSON.stringify(plan)));
    expect(checked.code).toBe(1);
    expect(
      checked.out
        .trim()
        .split('\n')
        .every((line) => /^(rule \d|metrics|form): /.test(line)),
    ).toBe(true);
  });

  it('tells a plan for another problem', () => {
    const plan = run('plan', PROBLEM, '--seconds', '0').out;
    const other = file('other.json', `${readFileSync(PROBLEM, 'utf8')} `);
    expect(run('check', other, file('p.json', plan)).out).toContain(
      'form: the plan was made for another problem',
    );
  });

  it('re-makes a plan after a lost evening, and moves little', () => {
    const before = file('before.json', run('plan', PROBLEM, '--seconds', '2').out);
    const problem = JSON.parse(readFileSync(PROBLEM, 'utf8'));
    const { sessions } = JSON.parse(readFileSync(before, 'utf8'));
    const lost = sessions[1].date;
    for (const person of problem.people)
      person.windows = person.windows.filter(({ start }: { start: string }) => !start.startsWith(lost));
    const slipped = file('slipped.json', JSON.stringify(problem));
    const made = run('replan', slipped, before, '--seconds', '0.5');
    expect(made.code).toBe(0);
    const { entries, metrics } = JSON.parse(made.out);
    expect(
      entries.some(
        ({ start, people }: { start: string; people: string[] }) =>
          people.length > 0 && start.startsWith(lost),
      ),
    ).toBe(false);
    expect(metrics.moved).toBeGreaterThan(0);
    expect(metrics.moved).toBeLessThan(problem.tasks.length / 3);
    expect(run('check', slipped, file('again.json', made.out))).toEqual({ code: 0, out: '', err: '' });
  });

  it('tells by which date it ends with which chance, the same for the same seed', () => {
    const told = run('forecast', PROBLEM, '--runs', '30', '--seed', '4');
    expect(told.code).toBe(0);
    const { runs, seed, dates, p50, p80, unfinished, ...rest } = JSON.parse(told.out);
    expect([runs, seed, rest]).toEqual([30, 4, {}]);
    const problem = JSON.parse(readFileSync(PROBLEM, 'utf8'));
    expect([dates[0].date, dates.at(-1).date]).toEqual([problem.now.slice(0, 10), problem.finish]);
    expect(unfinished).toBeCloseTo(1 - dates.at(-1).chance);
    for (const date of [p50, p80]) expect(date === null || date <= problem.finish).toBe(true);
    expect(run('forecast', PROBLEM, '--runs', '30', '--seed', '4')).toEqual(told);
  });

  const unusable: [string, string[], RegExp][] = [
    ['no command', [], /^Usage:/],
    ['an unknown command', ['tidy'], /There is no command "tidy"/],
    ['a missing file', ['plan', join(folder, 'none.json')], /none\.json: there is no such file/],
    ['a folder', ['plan', folder], /is a folder/],
    [
      'text that is not JSON',
      ['plan', file('bad.json', '{"a":')],
      /bad\.json: \$: got text that is not JSON/,
    ],
    [
      'bytes that are not UTF-8',
      ['plan', file('latin.json', new Uint8Array([0xff, 0xfe, 0x00]))],
      /is not UTF-8 text/,
    ],
    [
      'another format',
      ['plan', HOUSEHOLD],
      /juniper-row\.json: format: got "early-thaw\/household", expected "early-thaw\/problem"/,
    ],
    ['an unknown option', ['plan', PROBLEM, '--fast'], /There is no option --fast/],
    ['seconds that are no number', ['plan', PROBLEM, '--seconds', 'soon'], /--seconds: got "soon"/],
    ['runs that are none', ['forecast', PROBLEM, '--runs', '0'], /--runs: got "0", expected a whole number/],
    ['one file where two are needed', ['check', PROBLEM], /^Usage:/],
    ['no plan to go by', ['replan', PROBLEM], /^Usage:/],
    ['something else in place of the plan', ['replan', PROBLEM, PROBLEM], /expected "early-thaw\/plan"/],
    ['standard input twice', ['check', '-', '-'], /Only one of the two/],
  ];
  it.each(unusable)('exits with 2 and prints nothing else for %s', (_name, args, message) => {
    const result = run(...args);
    expect(result).toMatchObject({ code: 2, out: '' });
    expect(result.err).toMatch(message);
  });

  it('gives one line a fault, each with its path', () => {
    const problem = JSON.parse(readFileSync(PROBLEM, 'utf8'));
    problem.people[0].dailyCap = -1;
    problem.colour = 'blue';
    const { err } = run('plan', file('two.json', JSON.stringify(problem)));
    expect(err.trim().split('\n')).toHaveLength(2);
    expect(err).toMatch(/people\[0\]\.dailyCap: got -1/);
    expect(err).toMatch(/: colour: got a key that is not known here/);
  });

  it('runs as a program and reads standard input', () => {
    const program = new URL('../early-thaw', import.meta.url).pathname;
    const made = execFileSync(program, ['plan', '-', '--seconds', '0'], {
      input: readFileSync(PROBLEM),
    }).toString();
    const checked = spawnSync(program, ['check', PROBLEM, '-'], { input: made });
    expect([checked.status, checked.stdout.toString(), checked.stderr.toString()]).toEqual([0, '', '']);
  });
});

describe('docs/formats', () => {
  it.each(formatFiles())('%s is what the schemas and the demo household give', (path, content) => {
    expect(readFileSync(new URL(`../docs/formats/${path}`, import.meta.url), 'utf8')).toBe(content);
  });
});

describe('order, safety and supplies', () => {
  const document = (name: string) => JSON.parse(run(name, HOUSEHOLD).out);

  it('prints the tasks in order, each with its reasons', () => {
    const { tasks, contradictions } = document('order');
    const problem = JSON.parse(readFileSync(PROBLEM, 'utf8'));
    expect(tasks.map((task: { task: string }) => task.task).toSorted()).toEqual(
      problem.tasks.map((task: { id: string }) => task.id).toSorted(),
    );
    expect(contradictions).toEqual([]);
    const floor = tasks.find((task: { task: string }) => task.task === 'hall-0-hard-floor:floor-mop');
    expect(floor.why[0]).toMatchObject({ rule: 'vacuum-before-mop', hard: true });
    const at = new Map(tasks.map((task: { task: string; number: number }) => [task.task, task.number]));
    expect(at.get('hall-0-hard-floor:floor-vacuum')).toBeLessThan(Number(at.get(floor.task)));
  });

  it('prints what was found, forbidden first, and what is for a licensed trade', () => {
    const { findings } = document('safety');
    const kinds = findings.map((found: { forbidden: boolean }) => found.forbidden);
    expect(kinds).toEqual(kinds.toSorted((a: boolean, b: boolean) => Number(b) - Number(a)));
    expect(findings[0]).toMatchObject({ forbidden: true, remedy: 'another-day' });
    expect(findings).toContainEqual(
      expect.objectContaining({ id: 'person:odalys', remedy: 'another-person' }),
    );
  });

  it('prints what is washed: every piece in one load, none above what the machine takes', () => {
    const { loads, out, machineKg } = document('laundry');
    expect(machineKg).toBe(7);
    expect(out).toEqual([]);
    type LoadLine = {
      kg: number;
      capacityKg: number;
      temperature: number;
      pieces: { task: string; count: number }[];
    };
    for (const { kg, capacityKg } of loads as LoadLine[]) expect(kg).toBeLessThanOrEqual(capacityKg);
    const sheets = (loads as LoadLine[]).filter(({ pieces }) =>
      pieces.some(({ task }) => task.endsWith(':bed-linen')),
    );
    expect(sheets.every(({ temperature }) => temperature === 60)).toBe(true);
    // A double bed and three single ones: 2.1 + 3 × 1.35 kg.
    expect(sheets.map(({ kg }) => kg)).toEqual([6.15]);
  });

  it('sends the wash out of the house where there is no machine', () => {
    const household = JSON.parse(readFileSync(HOUSEHOLD, 'utf8'));
    const { out, code } = run(
      'laundry',
      file('no-washer.json', JSON.stringify({ ...household, machines: [] })),
    );
    const laundry = JSON.parse(out);
    expect([code, laundry.loads.length]).toEqual([0, 0]);
    expect(laundry.out.length).toBeGreaterThan(10);
  });

  it('prints amounts, packs and dates', () => {
    const { lines, totalCents, mixtures } = document('supplies');
    type Line = {
      needed: number;
      have: number;
      toBuy: number;
      packs: number;
      packOf: number;
      neededBy?: string;
    };
    const bought: Line[] = lines.filter((line: Line) => line.packs > 0);
    expect(bought.length).toBeGreaterThan(3);
    for (const { needed, have, toBuy, packs, packOf, neededBy } of bought) {
      expect(toBuy).toBeCloseTo(needed - have);
      expect(packs).toBe(Math.ceil(toBuy / packOf));
      expect(neededBy).toMatch(/^2027-03-\d\d$/);
    }
    expect(totalCents).toBe(lines.reduce((sum: number, line: { cents: number }) => sum + line.cents, 0));
    expect(mixtures.every((one: { amount: number }) => one.amount > 0)).toBe(true);
  });

  it('names a loop of own rules, and still puts everything in order', () => {
    const household = JSON.parse(readFileSync(HOUSEHOLD, 'utf8'));
    const rule = (id: string, before: string, after: string) => ({
      id: `own-${id}`,
      name: `rule ${id}`,
      before: { methods: [before] },
      after: { methods: [after] },
      within: 'room',
      hard: true,
      reason: 'Ours.',
    });
    household.rules.own = [rule('a', 'mirror-clean', 'door-wash'), rule('b', 'door-wash', 'mirror-clean')];
    const result = run('order', file('loop.json', JSON.stringify(household)));
    const { contradictions, tasks } = JSON.parse(result.out);
    expect(tasks.length).toBe(document('order').tasks.length);
    expect(contradictions[0]).toMatchObject({ setAside: 'own-b' });
    expect(contradictions[0].circle.map((link: { name: string }) => link.name).toSorted()).toEqual([
      'rule a',
      'rule b',
    ]);
  });
});
