import { describe, expect, it } from 'vitest';
import { DOZEN_HOMES } from '../../demo/dozen-homes';
import { CATALOGUE } from '../catalogue/catalogue';
import { expand } from '../problem/expand';
import { plan } from '../spread';
import { dayView } from './day-view';
import { packFor, runAtStart } from './pack';
import { type Run, runAfter } from './run';
import { formatSecond, secondOf } from './seconds';

const SHARED = DOZEN_HOMES.filter(({ people }) => people.length > 1);

describe('the page of everybody and one’s own', () => {
  it.each(SHARED.map((home) => [home.name, home] as const))('say the same all day in “%s”', (_name, home) => {
    const problem = expand(home, CATALOGUE, `${home.clean.start}T06:00`);
    const made = plan(problem, { problemHash: '0'.repeat(64), seed: 1, rounds: 5, stop: () => false });
    const date = made.sessions[0]?.date;
    if (date === undefined) return;
    const pack = packFor(problem, made, date);
    let run: Run = runAtStart(pack);
    let now = secondOf(`${date}T06:00:00`);
    let said = 0;
    for (let ticks = 0; ticks < 60; ticks++) {
      const all = dayView(pack, run, now).now;
      if (!all) {
        now += 600;
        continue;
      }
      const own = all.people.map((person) => dayView(pack, run, now, person).now?.step.id);
      expect(own, `${formatSecond(now)}: ${all.step.id}`).toContain(all.step.id);
      said++;
      now += 60;
      const at = formatSecond(now);
      run = runAfter(run, [
        { id: crypto.randomUUID(), at, person: all.people[0]!, act: { do: 'done', step: all.step.id } },
      ]);
    }
    expect(said).toBeGreaterThan(0);
  });
});
