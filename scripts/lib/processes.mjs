// Processes of this machine, told apart from others that get their number later.
import { readFileSync } from 'node:fs';
import { setTimeout as pause } from 'node:timers/promises';

/** A process ends within this time, or is made to. */
const END_MS = 5_000;

/** When a process was started, in ticks since the machine was; undefined where there is no such process. */
function startedAt(pid) {
  try {
    // The name, in brackets, may hold anything.
    const fields = readFileSync(`/proc/${pid}/stat`, 'utf8')
      .replace(/^.*\) /s, '')
      .split(' ');
    return fields[0] === 'Z' ? undefined : fields[19];
  } catch {
    return undefined;
  }
}

/** What a process is known by, also to others and later. */
export function identityOf(pid) {
  return { pid, startedAt: startedAt(pid) };
}

export function isAlive({ pid, startedAt: then }) {
  return then !== undefined && startedAt(pid) === then;
}

/** Ends a process: first it is asked to, then it is made to. Returns when it is gone. */
export async function end(process_, mostMs = END_MS) {
  signal(process_, 'SIGTERM');
  const until = Date.now() + mostMs;
  while (isAlive(process_) && Date.now() < until) await pause(50);
  signal(process_, 'SIGKILL');
  while (isAlive(process_)) await pause(20);
}

function signal(process_, name) {
  if (!isAlive(process_)) return;
  try {
    process.kill(process_.pid, name);
  } catch {
    // It has ended by itself just now.
  }
}
