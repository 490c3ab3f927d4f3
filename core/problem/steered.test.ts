import { describe, expect, it } from 'vitest';
import { homeNamed } from '../../demo/dozen-homes';
import { CATALOGUE } from '../catalogue/catalogue';
import { type Pin, type Steering, UNSTEERED } from '../clean/steering';
import { expand } from './expand';
import { steered } from './steered';

const NOW = '2027-03-02T12:00';
const problem = expand(homeNamed('children of 6 and 11'), CATALOGUE, NOW);
const plain = problem.tasks.find(
  ({ steps }) => steps.length === 1 && steps[0]!.mode === 'hands' && !steps[0]!.crew && !steps[0]!.split,
)!;
const step = plain.steps[0]!;
const pin = (says: Partial<Pin> = {}): Pin => ({
  step: step.id as Pin['step'],
  people: ['noor'],
  start: '2027-03-06T10:00',
  end: '2027-03-06T10:01',
  ...says,
});
const withSteering = (says: Partial<Steering>) => steered(problem, { ...UNSTEERED, ...says }, []);
const taskIn = (says: Partial<Steering>) => withSteering(says).tasks.find(({ id }) => id === plain.id)!;

describe('what was said by hand, in a problem', () => {
  it('is nothing where nothing was said', () => {
    expect(steered(problem, UNSTEERED, [])).toEqual(problem);
  });

  it('fixes a step where it was put, for as long as it takes by now', () => {
    const [fixed] = withSteering({ pins: [pin()] }).fixed!;
    const end = new Date(Date.parse('2027-03-06T10:00Z') + step.minutes * 60_000).toISOString();
    expect(fixed).toEqual({ ...pin(), end: end.slice(0, 16) });
  });

  it('leaves aside what does not hold any more', () => {
    const stale: readonly Pin[] = [
      pin({ start: '2027-03-02T11:00' }),
      pin({ people: ['somebody else'] }),
      pin({ people: ['noor', 'sol'] }),
      pin({ step: 'gone:gone/gone' as Pin['step'] }),
    ];
    for (const one of stale) expect(withSteering({ pins: [one] }).fixed).toBeUndefined();
    const done = { ...problem, done: [{ step: step.id, end: '2027-03-01T10:00' }] };
    expect(steered(done, { ...UNSTEERED, pins: [pin()] }, []).fixed).toBeUndefined();
  });

  it('begins a task no earlier than was said, and never earlier than it could before', () => {
    const later = [{ task: plain.id as never, from: '2027-03-09' }];
    expect(taskIn({ later }).earliest).toBe('2027-03-09T00:00');
    const held = {
      ...problem,
      tasks: problem.tasks.map((task) => ({ ...task, earliest: '2027-03-11T08:00' })),
    };
    expect(steered(held, { ...UNSTEERED, later }, []).tasks).toEqual(held.tasks);
  });

  it('gives a task to who may do it, and to nobody else', () => {
    const doers = (person: string) => [{ task: plain.id as never, person }];
    expect(taskIn({ doers: doers('noor') }).person).toBe('noor');
    expect(taskIn({ doers: doers('gone') }).person).toBeUndefined();
    const tagged = problem.tasks.find(({ steps }) =>
      steps.some((one) => one.mode === 'hands' && one.tags?.includes('ladder')),
    )!;
    const given = withSteering({ doers: [{ task: tagged.id as never, person: 'leo' }] });
    expect(given.tasks.find(({ id }) => id === tagged.id)?.person).toBeUndefined();
  });

  it('keeps the days of the clean free that were asked for', () => {
    const free = ['2027-03-07', '2027-02-01', '2027-03-05', '2027-03-07'];
    expect(withSteering({ free }).policy.reserve).toEqual(['2027-03-05', '2027-03-07']);
  });
});
