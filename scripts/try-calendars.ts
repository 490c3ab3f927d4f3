// Reads the demo household's sessions with three calendar programs of Debian, plan after plan: none may warn, and each has to
// show what it should. Needs khal, calcurse and python3-icalendar, which `apt-get install` has.
import { spawnSync } from 'node:child_process';
import { mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { Plan } from '../core/plan/plan';
import { juniperRow } from '../demo/juniper-row';
import { type Appointment, appointmentsOf } from '../present/calendar/appointments';
import { type Known, settle } from '../present/calendar/identities';
import { minutesOfWaits } from '../present/calendar/waits';
import { type CalendarSource, eventWords, writeCalendar } from '../present/calendar/write-calendar';
import { quickPlan, stateOf } from '../ui/testing/demo-state';

const NOW = '2027-03-01T08:00';
const ZONE = 'Europe/Berlin';
const household = juniperRow('2027-03-01');
const state = stateOf(household, NOW, quickPlan(household, NOW));
const plan = state.campaign?.plans?.latest.plan;
if (!plan) throw new Error('The demo household has no plan.');

const source: CalendarSource = {
  name: household.name,
  place: household.name,
  cleanName: 'Frühling',
  timezone: ZONE,
  people: new Map(household.people.map(({ id, name }) => [id, name])),
  tasks: new Map(state.tasks.map((task) => [task.id, task])),
  origin: 'https://thaw.example',
  alarm: 30,
};

/** What goes out for a plan, after what went out before. */
function given(known: readonly Known[], sessions: Plan['sessions']) {
  const appointments = appointmentsOf(
    { sessions, entries: plan?.entries ?? [] },
    minutesOfWaits(state.tasks),
  );
  const shown = appointments.map((appointment) => ({
    person: appointment.person,
    date: appointment.date,
    steps: appointment.entries.map(({ step }) => step),
    look: [appointment.start, appointment.end, eventWords(appointment, source).summary].join(' '),
  }));
  const settled = settle(known, shown, { clean: 'spring', now: NOW });
  const events = [
    ...settled.shown.map((identity, i) => ({ identity, appointment: appointments[i] as Appointment })),
    ...settled.gone.map((identity) => ({ identity })),
  ];
  return { text: writeCalendar(events, source), appointments, known: [...settled.shown, ...settled.gone] };
}

const first = given([], plan.sessions);
const dropped = first.appointments.at(-1);
const second = given(
  first.known,
  plan.sessions.filter(({ person, date }) => person !== dropped?.person || date !== dropped.date),
);

const folder = mkdtempSync(join(tmpdir(), 'early-thaw-calendars-'));
const faults: string[] = [];
const file = (name: string, text: string) => {
  const path = join(folder, name);
  writeFileSync(path, text);
  return path;
};

function run(program: string, args: readonly string[], env: Record<string, string> = {}): string {
  const { stdout, stderr, status, error } = spawnSync(program, args, {
    encoding: 'utf8',
    env: { ...process.env, TZ: ZONE, LC_ALL: 'C.UTF-8', ...env },
  });
  if (error) throw new Error(`${program} is not there: apt-get install khal calcurse python3-icalendar`);
  if (status !== 0) faults.push(`${program} ${args.join(' ')}: exit ${status}. ${stderr.trim()}`);
  else if (stderr.trim() !== '') faults.push(`${program} warns: ${stderr.trim()}`);
  return stdout;
}

function expectThat(program: string, isSo: boolean, what: string): void {
  process.stdout.write(`  ${isSo ? 'yes' : 'NO '}  ${program}: ${what}\n`);
  if (!isSo) faults.push(`${program}: not ${what}`);
}

const files = [file('first.ics', first.text), file('second.ics', second.text)] as const;
try {
  icalendar();
  calcurse();
  khal();
} finally {
  rmSync(folder, { recursive: true });
}
for (const fault of faults) process.stdout.write(`${fault}\n`);
process.exitCode = faults.length > 0 ? 1 : 0;

/** Reads it strictly, and in another zone. */
function icalendar(): void {
  const script = `
import sys, json
from icalendar import Calendar
from zoneinfo import ZoneInfo
with open(sys.argv[1], 'rb') as file: calendar = Calendar.from_ical(file.read())
events = calendar.walk('VEVENT')
print(json.dumps({
  'errors': [str(e) for c in calendar.walk() for e in getattr(c, 'errors', [])],
  'names': str(calendar.get('X-WR-CALNAME')),
  'events': [{'uid': str(e['UID']), 'seq': int(e['SEQUENCE']), 'status': str(e['STATUS']),
    'home': e.decoded('DTSTART').astimezone(ZoneInfo('${ZONE}')).strftime('%Y-%m-%dT%H:%M') if hasattr(e.decoded('DTSTART'), 'hour') else str(e.decoded('DTSTART')),
    'alarms': len(e.walk('VALARM')), 'where': str(e.get('LOCATION')), 'what': str(e['SUMMARY'])} for e in events]}))`;
  const read = (path: string) => {
    const told = run('/usr/bin/python3', ['-W', 'error', '-c', script, path]);
    if (told === '') throw new Error(faults.join('\n'));
    return JSON.parse(told);
  };
  const [one, two] = files.map(read);
  expectThat('icalendar', one.errors.length === 0 && two.errors.length === 0, 'reads both without a fault');
  expectThat(
    'icalendar',
    one.events.length === first.appointments.length,
    `shows ${first.appointments.length} events`,
  );
  const starts = one.events
    .map((event: { home: string }) => event.home)
    .toSorted()
    .join();
  expectThat(
    'icalendar',
    starts ===
      first.appointments
        .map(({ start }) => start)
        .toSorted()
        .join(),
    'has the times of the home',
  );
  const off = two.events.filter((event: { status: string }) => event.status === 'CANCELLED');
  expectThat('icalendar', off.length === 1, 'has the one that is gone called off');
  const known = new Set(one.events.map((event: { uid: string }) => event.uid));
  expectThat(
    'icalendar',
    two.events.every((event: { uid: string }) => known.has(event.uid)),
    'knows every event of the second',
  );
}

function calcurse(): void {
  const own = join(folder, 'calcurse');
  mkdirSync(own);
  const told = run('calcurse', ['-D', own, '-i', files[0]]);
  expectThat('calcurse', !/skipped: [1-9]|[1-9]\\d* skipped/i.test(told), 'skips nothing');
  const list = run('calcurse', [
    '-D',
    own,
    '--input-datefmt',
    '4',
    '-d',
    '60',
    '--from',
    '2027-03-01',
    '--format-apt',
    '%S %m\\n',
  ]);
  const lines = list.split('\n').filter((line) => /^\s*\d\d:\d\d /.test(line));
  expectThat(
    'calcurse',
    lines.length === first.appointments.length,
    `shows ${first.appointments.length} appointments (${lines.length})`,
  );
  const [one] = first.appointments;
  expectThat(
    'calcurse',
    one !== undefined && list.includes(one.start.slice(11)),
    'has the times of the home',
  );
}

/** Takes the second file over the first, as somebody does who imports again. */
function khal(): void {
  const own = join(folder, 'khal');
  mkdirSync(own);
  const config = file(
    'khal.conf',
    `[calendars]\n[[home]]\npath = ${own}\ntype = calendar\n[locale]\nlocal_timezone = ${ZONE}\ndefault_timezone = ${ZONE}\ntimeformat = %H:%M\ndateformat = %Y-%m-%d\nlongdateformat = %Y-%m-%d\ndatetimeformat = %Y-%m-%d %H:%M\nlongdatetimeformat = %Y-%m-%d %H:%M\n[sqlite]\npath = ${join(folder, 'khal.db')}\n[default]\ndefault_calendar = home\n`,
  );
  const env = { XDG_CONFIG_HOME: folder, XDG_DATA_HOME: folder };
  const list = () =>
    run(
      'khal',
      [
        '-c',
        config,
        'list',
        '-df',
        '',
        '-f',
        '{uid}\t{start}\t{status}\t{title}',
        '2027-03-01',
        '2027-05-01',
      ],
      env,
    )
      .split('\n')
      .filter((line) => line.includes('@early-thaw'));
  run('khal', ['-c', config, 'import', '--batch', files[0]], env);
  const one = list();
  expectThat(
    'khal',
    one.length === first.appointments.length,
    `shows ${first.appointments.length} events (${one.length})`,
  );
  run('khal', ['-c', config, 'import', '--batch', files[1]], env);
  const two = list();
  const held = two.filter((line) => !/CANCELLED/i.test(line));
  expectThat(
    'khal',
    held.length === second.appointments.length,
    `holds ${second.appointments.length} after the second (${held.length})`,
  );
  expectThat('khal', new Set(two.map((line) => line.split('\t')[0])).size === one.length, 'doubles none');
}
