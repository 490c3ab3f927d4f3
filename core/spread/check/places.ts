import { at, isHands, named, overlaps, type Subject, type Violation } from './subject';

/** Rules 5 and 6: machines serve one at a time, rooms have space. */

/** Rule 5. */
export function machinesAreFree({ model, entries }: Subject): Violation[] {
  const found: Violation[] = [];
  const say = (message: string) => found.push({ rule: 5, message });
  for (const machine of model.machines) {
    const runs = entries
      .filter((entry) => entry.step.machine === machine)
      .map((entry) => ({
        entry,
        fixed: entry.fixed,
        start: entry.start,
        end: isHands(entry) ? entry.end : entry.start + entry.step.minutes,
      }))
      .filter((run) => run.end > run.start)
      .sort((a, b) => a.start - b.start);
    for (const run of runs) {
      const inside =
        machine.windows?.some((window) => window.start <= run.start && run.end <= window.end) ?? true;
      if (!run.fixed && !inside) say(`${named(run.entry)} runs outside the times of machine "${machine.id}"`);
    }
    for (const [a, b] of overlaps(runs)) {
      if (!(a.fixed && b.fixed))
        say(`machine "${machine.id}" serves two at once: ${named(a.entry)} and ${named(b.entry)}`);
    }
  }
  return found;
}

/** Rule 6. */
export function roomsHaveSpace({ model, entries }: Subject): Violation[] {
  const found: Violation[] = [];
  const say = (message: string) => found.push({ rule: 6, message });
  for (const room of model.rooms) {
    const here = entries.filter((entry) => entry.step.task.room === room);
    const work = here.filter(isHands).sort((a, b) => a.start - b.start);
    for (const entry of work) {
      const together = work.filter((other) => other.start <= entry.start && entry.start < other.end);
      const count = together.reduce((sum, other) => sum + other.people.length, 0);
      if (count > room.maxPeople && together.some((other) => !other.fixed)) {
        say(`${count} people are in room "${room.id}" at ${at(entry.start)}; the most is ${room.maxPeople}`);
      }
    }
    for (const wait of here.filter((entry) => entry.step.closesRoom && entry.step.minutes > 0)) {
      const closedUntil = wait.start + wait.step.minutes;
      const inside = work.find(
        (entry) => entry.start < closedUntil && wait.start < entry.end && !(entry.fixed && wait.fixed),
      );
      if (inside) say(`${named(inside)} is in room "${room.id}" while ${named(wait)} closes it`);
    }
  }
  return found;
}
