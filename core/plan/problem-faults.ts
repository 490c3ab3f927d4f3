import type { Fault } from '../basics/fault';
import { dayOf } from '../basics/local-time';
import type { Problem, ProblemStep } from './problem';

/** Faults that lie between the parts of a well-shaped problem. */

/** The longest horizon, in days: it keeps a mistyped year from filling the memory. */
const MOST_DAYS = 4000;

/** Faults that lie between the parts of a well-shaped problem: doubled ids, names that lead nowhere, circles. */
export function problemFaults(problem: Problem): Fault[] {
  return [
    ...spanFaults(problem),
    ...idFaults(problem),
    ...windowFaults(problem),
    ...taskFaults(problem),
    ...reachFaults(problem),
    ...focusReachFaults(problem),
    ...circleFaults(problem),
  ];
}

function spanFaults(problem: Problem): Fault[] {
  const days = dayOf(problem.finish) - dayOf(problem.start);
  if (days < 0)
    return [fault('finish', `"${problem.finish}"`, `a date not before start, "${problem.start}"`)];
  if (days > MOST_DAYS)
    return [fault('finish', `"${problem.finish}"`, `at most ${MOST_DAYS} days after start`)];
  return [];
}

function idFaults(problem: Problem): Fault[] {
  const faults: Fault[] = [];
  const lists = ['people', 'machines', 'rooms', 'tasks', 'focus'] as const;
  for (const list of lists) {
    const seen = new Set<string>();
    (problem[list] ?? []).forEach((item, i) => {
      if (seen.has(item.id))
        faults.push(fault(`${list}[${i}].id`, `"${item.id}" again`, `an id unique in ${list}`));
      seen.add(item.id);
    });
  }
  const names = new Set(problem.tasks.map((task) => task.id));
  eachStep(problem, (step, path) => {
    if (names.has(step.id)) {
      faults.push(fault(`${path}.id`, `"${step.id}" again`, 'a step id that no other step and no task has'));
    }
    names.add(step.id);
  });
  const dates = new Set<string>();
  (problem.days ?? []).forEach((day, i) => {
    if (dates.has(day.date)) faults.push(fault(`days[${i}].date`, `"${day.date}" again`, 'each date once'));
    dates.add(day.date);
  });
  return faults;
}

function windowFaults(problem: Problem): Fault[] {
  const faults: Fault[] = [];
  const look = (path: string, windows: readonly { start: string; end: string }[]) => {
    windows.forEach((window, i) => {
      if (window.end <= window.start) {
        faults.push(
          fault(`${path}[${i}].end`, `"${window.end}"`, `a time after its start, "${window.start}"`),
        );
      }
    });
  };
  problem.people.forEach((person, i) => {
    look(`people[${i}].windows`, person.windows);
  });
  problem.machines.forEach((machine, i) => {
    look(`machines[${i}].windows`, machine.windows ?? []);
  });
  look('attendance', problem.attendance ?? []);
  (problem.focus ?? []).forEach(({ from, to }, i) => {
    if (to <= from) faults.push(fault(`focus[${i}].to`, `"${to}"`, `a time after its start, "${from}"`));
  });
  (problem.fixed ?? []).forEach((entry, i) => {
    // A wait of no minutes may end when it starts.
    if (entry.end < entry.start)
      faults.push(
        fault(`fixed[${i}].end`, `"${entry.end}"`, `a time not before its start, "${entry.start}"`),
      );
  });
  return faults;
}

function taskFaults(problem: Problem): Fault[] {
  const faults: Fault[] = [];
  problem.tasks.forEach((task, i) => {
    task.steps.forEach((step, j) => {
      const path = `tasks[${i}].steps[${j}]`;
      if (step.mode === 'wait' && step.atMost !== undefined && step.atMost < step.minutes) {
        faults.push(fault(`${path}.atMost`, `${step.atMost}`, `at least its minutes, ${step.minutes}`));
      }
      if (step.mode === 'hands' && task.person !== undefined && (step.crew ?? 1) > 1) {
        faults.push(fault(`${path}.crew`, `${step.crew}`, '1, because the task names one person'));
      }
    });
  });
  return faults;
}

function reachFaults(problem: Problem): Fault[] {
  const faults: Fault[] = [];
  const people = new Set(problem.people.map((p) => p.id));
  const machines = new Set(problem.machines.map((m) => m.id));
  const rooms = new Set(problem.rooms.map((r) => r.id));
  const steps = new Set<string>();
  const reach = (path: string, id: string | undefined, known: ReadonlySet<string>, list: string) => {
    if (id !== undefined && !known.has(id))
      faults.push(fault(path, `"${id}"`, `the id of one of the ${list}`));
  };
  eachStep(problem, (step, path) => {
    steps.add(step.id);
    reach(`${path}.machine`, step.machine, machines, 'machines');
    step.keepsOut?.forEach((person, k) => {
      reach(`${path}.keepsOut[${k}]`, person, people, 'people');
    });
  });
  problem.tasks.forEach((task, i) => {
    reach(`tasks[${i}].room`, task.room, rooms, 'rooms');
    reach(`tasks[${i}].person`, task.person, people, 'people');
  });
  const sides = new Set([...steps, ...problem.tasks.map((t) => t.id)]);
  problem.precedence.forEach((link, i) => {
    reach(`precedence[${i}].before`, link.before, sides, 'tasks or steps');
    reach(`precedence[${i}].after`, link.after, sides, 'tasks or steps');
  });
  (problem.fixed ?? []).forEach((entry, i) => {
    reach(`fixed[${i}].step`, entry.step, steps, 'steps');
    entry.people.forEach((person, j) => {
      reach(`fixed[${i}].people[${j}]`, person, people, 'people');
    });
  });
  (problem.done ?? []).forEach((entry, i) => {
    reach(`done[${i}].step`, entry.step, steps, 'steps');
  });
  return faults;
}

function focusReachFaults(problem: Problem): Fault[] {
  const faults: Fault[] = [];
  const known = {
    people: new Set(problem.people.map((person) => person.id)),
    rooms: new Set(problem.rooms.map((room) => room.id)),
    tasks: new Set(problem.tasks.map((task) => task.id)),
  };
  (problem.focus ?? []).forEach((focus, i) => {
    for (const list of ['people', 'rooms', 'tasks'] as const)
      focus[list]?.forEach((id, j) => {
        if (!known[list].has(id))
          faults.push(fault(`focus[${i}].${list}[${j}]`, `"${id}"`, `the id of one of the ${list}`));
      });
  });
  return faults;
}

/**
 * A circle of hard rules, step by step, that no plan can satisfy. Circles through `orderOnly` rules are no fault:
 * leaving one side out opens them.
 */
function circleFaults(problem: Problem): Fault[] {
  const circle = findCircle(hardStepGraph(problem));
  if (circle.length === 0) return [];
  const named = [...circle, circle[0]].map((id) => `"${id}"`).join(' before ');
  return [fault('precedence', `a circle: ${named}`, 'an order that can be kept')];
}

function hardStepGraph(problem: Problem): Map<string, string[]> {
  const done = new Set((problem.done ?? []).map((entry) => entry.step));
  const first = new Map<string, string>();
  const last = new Map<string, string>();
  const next = new Map<string, string[]>();
  for (const task of problem.tasks) {
    const ids = task.steps.map((step) => step.id);
    first.set(task.id, ids[0] as string);
    last.set(task.id, ids[ids.length - 1] as string);
    ids.forEach((id, i) => {
      first.set(id, id);
      last.set(id, id);
      next.set(id, i + 1 < ids.length && !done.has(id) ? [ids[i + 1] as string] : []);
    });
  }
  for (const link of problem.precedence) {
    const before = last.get(link.before);
    const after = first.get(link.after);
    if (!link.hard || link.orderOnly || !before || !after || done.has(before) || done.has(after)) continue;
    next.get(before)?.push(after);
  }
  return next;
}

/** The ids of one circle in a directed graph, in order; empty when there is none. */
function findCircle(next: ReadonlyMap<string, readonly string[]>): string[] {
  const state = new Map<string, 'open' | 'closed'>();
  for (const root of next.keys()) {
    if (state.has(root)) continue;
    const path: { id: string; at: number }[] = [{ id: root, at: 0 }];
    state.set(root, 'open');
    while (path.length > 0) {
      const top = path[path.length - 1] as { id: string; at: number };
      const follower = next.get(top.id)?.[top.at++];
      if (follower === undefined) {
        state.set(top.id, 'closed');
        path.pop();
      } else if (state.get(follower) === 'open') {
        return path.slice(path.findIndex((p) => p.id === follower)).map((p) => p.id);
      } else if (!state.has(follower)) {
        state.set(follower, 'open');
        path.push({ id: follower, at: 0 });
      }
    }
  }
  return [];
}

function eachStep(problem: Problem, visit: (step: ProblemStep, path: string) => void): void {
  problem.tasks.forEach((task, i) => {
    task.steps.forEach((step, j) => {
      visit(step, `tasks[${i}].steps[${j}]`);
    });
  });
}

function fault(path: string, got: string, expected: string): Fault {
  return { path, got, expected };
}
