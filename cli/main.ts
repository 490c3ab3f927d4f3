import { createHash } from 'node:crypto';
import { readFileSync } from 'node:fs';
import { describeFault, type Fault, type Parsed } from '../core/basics/fault';
import { CATALOGUE, type Catalogue } from '../core/catalogue/catalogue';
import { forecast, USUAL_RUNS } from '../core/forecast/forecast';
import { catalogueDocument, estimateDocument } from '../core/formats/estimate-document';
import { laundryDocument } from '../core/formats/laundry-document';
import { parseHousehold, parseHouseholdFile } from '../core/formats/read-household';
import { orderDocument, safetyDocument, suppliesDocument } from '../core/formats/work-documents';
import type { HouseholdFile } from '../core/household/household';
import { type Plan, parsePlan } from '../core/plan/plan';
import type { Problem } from '../core/plan/problem';
import { parseProblem } from '../core/plan/read-problem';
import { expand } from '../core/problem/expand';
import { checkPlan, describeViolation, plan, replan } from '../core/spread';

/** Exit codes: 0 fine, 1 the plan breaks a rule, 2 the call or a file can't be used. */
const FINE = 0;
const BROKEN = 1;
const UNUSABLE = 2;

const USAGE = `Usage:
  ./early-thaw plan PROBLEM.json [--seconds N] [--seed N]   prints a plan
  ./early-thaw check PROBLEM.json PLAN.json                 prints every broken rule; exit 1 if there is one
  ./early-thaw replan PROBLEM.json PLAN.json [--seconds N] [--seed N]
                                                            prints the plan re-made after a change, moving little
  ./early-thaw forecast PROBLEM.json [--runs N] [--seed N]  prints by which date it ends with which chance
  ./early-thaw expand HOUSEHOLD.json                        prints the problem of a household
  ./early-thaw estimate HOUSEHOLD.json                      prints every task with its minutes, range and parts
  ./early-thaw order HOUSEHOLD.json                         prints the tasks in order, each with its reasons
  ./early-thaw safety HOUSEHOLD.json                        prints what was found, and what was done about it
  ./early-thaw supplies HOUSEHOLD.json                      prints amounts, packs, prices and dates
  ./early-thaw laundry HOUSEHOLD.json                       prints what is washed, in as few loads as may be
  ./early-thaw catalogue                                    prints the catalogue of methods

Use - in place of a file to read standard input.`;

/** Seconds that the search may take when nothing is said. */
const DEFAULT_SECONDS = 1;
const MOST_SECONDS = 3600;
const SEARCH_OPTIONS = ['seconds', 'seed'];

class Unusable extends Error {}

type Io = { readonly out: (text: string) => void; readonly err: (text: string) => void };

const processIo: Io = {
  out: (text) => process.stdout.write(text),
  err: (text) => process.stderr.write(text),
};

const COMMANDS: Readonly<Record<string, (args: readonly string[], io: Io) => number>> = {
  plan: runPlan,
  check: runCheck,
  replan: runReplan,
  forecast: runForecast,
  expand: runExpand,
  estimate: (args, io) => runDocument(estimateDocument, args, io),
  order: (args, io) => runDocument(orderDocument, args, io),
  safety: (args, io) => runDocument(safetyDocument, args, io),
  supplies: (args, io) => runDocument(suppliesDocument, args, io),
  laundry: (args, io) => runDocument(laundryDocument, args, io),
  catalogue: runCatalogue,
};

/** Runs one command and returns the exit code. */
export function main(args: readonly string[], io: Io = processIo): number {
  const [name = '', ...rest] = args;
  if (name === '--help' || name === 'help') {
    io.out(`${USAGE}\n`);
    return FINE;
  }
  const command = Object.hasOwn(COMMANDS, name) ? COMMANDS[name] : undefined;
  try {
    if (!command) throw new Unusable(name === '' ? USAGE : `There is no command "${name}".\n${USAGE}`);
    return command(rest, io);
  } catch (error) {
    if (!(error instanceof Unusable)) throw error;
    io.err(`${error.message}\n`);
    return UNUSABLE;
  }
}

function runPlan(args: readonly string[], io: Io): number {
  const { files, options } = split(args, SEARCH_OPTIONS, 1);
  const search = searchOf(options);
  const { problem, hash } = readProblem(files[0] as string);
  io.out(`${JSON.stringify(plan(problem, { problemHash: hash, ...search }), null, 2)}\n`);
  return FINE;
}

function runReplan(args: readonly string[], io: Io): number {
  const { files, options } = split(args, SEARCH_OPTIONS, 2);
  const search = searchOf(options);
  const { problem, hash, plan: before } = readBoth(files);
  io.out(`${JSON.stringify(replan(problem, before, hash, search), null, 2)}\n`);
  return FINE;
}

const MOST_RUNS = 100_000;
/** Enough for a plan that one would follow, and the same on every machine. */
const ROUNDS_BEFORE_FORECAST = 10;

/** Of the plan that is made for the problem in the usual time; the same seed tells the same. */
function runForecast(args: readonly string[], io: Io): number {
  const { files, options } = split(args, ['runs', 'seed'], 1);
  const runs = wholeOption(options.get('runs'), 'runs', USUAL_RUNS, MOST_RUNS);
  const seed = numberOption(options.get('seed'), 'seed', 1, 4_294_967_295);
  const { problem, hash } = readProblem(files[0] as string);
  const made = plan(problem, { problemHash: hash, seed, stop: () => false, rounds: ROUNDS_BEFORE_FORECAST });
  const { fan: _fan, ...told } = forecast(problem, made, { runs, seed });
  io.out(`${JSON.stringify(told, null, 2)}\n`);
  return FINE;
}

function wholeOption(text: string | undefined, name: string, usual: number, most: number): number {
  const value = numberOption(text, name, usual, most);
  if (Number.isInteger(value) && value > 0) return value;
  throw new Unusable(`--${name}: got "${text}", expected a whole number from 1 to ${most}`);
}

function searchOf(options: ReadonlyMap<string, string>): { seed: number; stop: () => boolean } {
  const started = performance.now();
  const seconds = numberOption(options.get('seconds'), 'seconds', DEFAULT_SECONDS, MOST_SECONDS);
  const seed = numberOption(options.get('seed'), 'seed', 1, 4_294_967_295);
  return { seed, stop: () => performance.now() - started >= seconds * 1000 };
}

function readProblem(path: string): { problem: Problem; hash: string } {
  const { text, hash } = read(path);
  return { problem: usable(parseProblem(text), path), hash };
}

function readBoth(files: readonly string[]): { problem: Problem; hash: string; plan: Plan } {
  const [first, second] = files as [string, string];
  if (first === '-' && second === '-') throw new Unusable('Only one of the two files can be standard input.');
  return { ...readProblem(first), plan: usable(parsePlan(read(second).text), second) };
}

function runCheck(args: readonly string[], io: Io): number {
  const { files } = split(args, [], 2);
  const { problem, hash, plan: subject } = readBoth(files);
  const violations = checkPlan(problem, subject, hash);
  io.out(violations.map((violation) => `${describeViolation(violation)}\n`).join(''));
  return violations.length > 0 ? BROKEN : FINE;
}

function runExpand(args: readonly string[], io: Io): number {
  const { files } = split(args, [], 1);
  const household = usable(parseHousehold(read(files[0] as string).text), files[0] as string);
  io.out(`${JSON.stringify(expand(household, CATALOGUE), null, 2)}\n`);
  return FINE;
}

function runDocument(
  document: (household: HouseholdFile, catalogue: Catalogue) => object,
  args: readonly string[],
  io: Io,
): number {
  const { files } = split(args, [], 1);
  const household = usable(parseHouseholdFile(read(files[0] as string).text), files[0] as string);
  io.out(`${JSON.stringify(document(household, CATALOGUE), null, 2)}\n`);
  return FINE;
}

function runCatalogue(args: readonly string[], io: Io): number {
  split(args, [], 0);
  io.out(`${JSON.stringify(catalogueDocument(CATALOGUE), null, 2)}\n`);
  return FINE;
}

function split(
  args: readonly string[],
  known: readonly string[],
  count: number,
): { files: string[]; options: Map<string, string> } {
  const files: string[] = [];
  const options = new Map<string, string>();
  for (let i = 0; i < args.length; i++) {
    const arg = args[i] as string;
    const [, name, inline] = /^--([a-z]+)(?:=(.*))?$/.exec(arg) ?? [];
    if (name === undefined) files.push(arg);
    else if (!known.includes(name)) throw new Unusable(`There is no option --${name} here.\n${USAGE}`);
    else options.set(name, inline ?? args[++i] ?? '');
  }
  if (files.length !== count) throw new Unusable(USAGE);
  return { files, options };
}

function numberOption(text: string | undefined, name: string, usual: number, most: number): number {
  if (text === undefined) return usual;
  const value = Number(text);
  if (text.trim() === '' || !Number.isFinite(value) || value < 0 || value > most) {
    throw new Unusable(`--${name}: got "${text}", expected a number from 0 to ${most}`);
  }
  return value;
}

function read(file: string): { text: string; hash: string } {
  try {
    const bytes = readFileSync(file === '-' ? 0 : file);
    return {
      text: new TextDecoder('utf-8', { fatal: true, ignoreBOM: true }).decode(bytes),
      hash: createHash('sha256').update(bytes).digest('hex'),
    };
  } catch (error) {
    throw new Unusable(`${file}: ${readingFault(error)}`);
  }
}

function readingFault(error: unknown): string {
  const code = error instanceof Error && 'code' in error ? String(error.code) : '';
  if (code === 'ENOENT') return 'there is no such file';
  if (code === 'EISDIR') return 'is a folder, expected a file';
  if (code === 'EACCES') return 'may not be read';
  return code.startsWith('ERR_ENCODING') ? 'is not UTF-8 text' : 'could not be read';
}

function usable<T>(parsed: Parsed<T>, file: string): T {
  if (parsed.ok) return parsed.value;
  throw new Unusable(parsed.faults.map((fault: Fault) => `${file}: ${describeFault(fault)}`).join('\n'));
}
