// Measures what a person waits for. Times depend on the machine: each line also gives its ratio to a fixed sum.
import { readdirSync, readFileSync } from 'node:fs';
import { gzipSync } from 'node:zlib';
import { CATALOGUE } from '../core/catalogue/catalogue';
import { orderWork } from '../core/order/ordered';
import { expand } from '../core/problem/expand';
import { checkPlan, plan } from '../core/spread';
import { listTasks, tasksOf } from '../core/work/tasks';
import { workOf } from '../core/work/work';
import { householdAround, hugeHome } from '../demo/example-homes';
import { juniperRow } from '../demo/juniper-row';

const HASH = '0'.repeat(64);
const RUNS = 7;

function median(run: () => void): number {
  const times = Array.from({ length: RUNS }, () => {
    const started = performance.now();
    run();
    return performance.now() - started;
  }).sort((a, b) => a - b);
  return times[Math.floor(RUNS / 2)] as number;
}

/** A fixed piece of arithmetic that says how fast this machine is just now. */
const yardstick = median(() => {
  let sum = 0;
  for (let i = 0; i < 5_000_000; i++) sum = (sum * 31 + i) | 0;
  if (sum === 42) process.stdout.write('');
});

function line(name: string, ms: number): void {
  process.stdout.write(
    `${name.padEnd(46)} ${ms.toFixed(1).padStart(8)} ms  ${(ms / yardstick).toFixed(1).padStart(7)} ×\n`,
  );
}

const household = juniperRow('2027-03-01');
const huge = householdAround(hugeHome(60, 1500), household);
const problem = expand(household, CATALOGUE);
const first = plan(problem, { problemHash: HASH, seed: 1, stop: () => true });
process.stdout.write(
  `demo household: ${problem.tasks.length} tasks, ${problem.precedence.length} rules between them\n`,
);
line('yardstick', yardstick);
line(
  'estimate of the whole home',
  median(() => tasksOf(workOf(household, CATALOGUE))),
);
line(
  'estimate of 60 rooms and 1,500 fixtures',
  median(() => listTasks(workOf(huge, CATALOGUE))),
);
const hugeTasks = listTasks(workOf(huge, CATALOGUE)).slice(0, 2000);
for (const grouping of ['room', 'kind', 'layer'] as const)
  line(
    `order of ${hugeTasks.length} tasks, by ${grouping}`,
    median(() => orderWork(hugeTasks, huge.home, huge.rules, grouping)),
  );
line(
  'household to problem',
  median(() => expand(household, CATALOGUE)),
);
line(
  'first valid plan',
  median(() => plan(problem, { problemHash: HASH, seed: 1, stop: () => true })),
);
line(
  'check of a plan',
  median(() => checkPlan(problem, first, HASH)),
);
const best = plan(problem, { problemHash: HASH, seed: 1, stop: () => false });
process.stdout.write(
  `first plan: ${first.metrics.openRoomNights} open-room nights, ${first.metrics.idle} idle min; best: ${best.metrics.openRoomNights}, ${best.metrics.idle}\n`,
);

const chunks = new URL('../.next/static/chunks/', import.meta.url);
const scripts = readdirSync(chunks).filter((file) => file.endsWith('.js'));
const sizes = scripts.map((file) => gzipSync(readFileSync(new URL(file, chunks))).length / 1024);
process.stdout.write(
  `scripts of all pages together: ${sizes.reduce((a, b) => a + b, 0).toFixed(0)} kB compressed in ${scripts.length} files\n`,
);
