import type { Call } from '../clean/call';
import type { HomeFacts } from '../home/facts';
import { type Fixture, type Home, placesOf, type Room } from '../home/room';
import { OLD_MATERIALS_BEFORE } from './cautions';

type CallRow = {
  readonly id: string;
  readonly what: string;
  readonly why: string;
  readonly holds: (fixture: Fixture, room: Room, facts: HomeFacts) => boolean;
  /** One for the whole house, however many fixtures it is about. */
  readonly once?: true;
};

/** A carpet as large as this is quicker and drier by somebody with the machine for it. */
const LARGE_CARPET_M2 = 25;

const is = (kind: string) => (fixture: Fixture) => fixture.kind === kind;

/** What is only ever listed, one row a trade's job. Local rules and licensed trades decide. */
const CALL_ROWS: readonly CallRow[] = [
  {
    id: 'chimney',
    what: 'Have the flue swept',
    why: 'Flues are for a chimney sweep; soot in them burns.',
    holds: is('fireplace'),
  },
  {
    id: 'gas-hob',
    what: 'Have gas taps, pipes and jets looked at',
    why: 'Gas parts are for a licensed fitter.',
    holds: (fixture) =>
      fixture.kind === 'hob' && (fixture.surface === 'steel' || fixture.surface === 'enamel'),
  },
  {
    id: 'heating',
    what: 'Have the heating serviced',
    why: 'Burners, flues and everything with gas or oil are for a licensed fitter.',
    holds: is('heating-filter'),
  },
  {
    id: 'wiring',
    what: 'Have fixed wiring looked at',
    why: 'Anything behind a cover or inside a fitting in doubt is for an electrician.',
    holds: (fixture) =>
      ['fuse-box', 'ceiling-light', 'switches'].includes(fixture.kind) && fixture.mend !== undefined,
  },
  {
    id: 'mould',
    what: 'Have the mould looked at',
    why: 'More than about a square metre, or mould that comes back, is for a specialist: the cause is in the wall.',
    holds: (fixture) =>
      fixture.kind === 'mould-spot' &&
      (fixture.soil === 'years' || fixture.soil === 'heavy' || fixture.count > 2),
  },
  {
    id: 'old-paint',
    what: 'Have old paint tested before anybody sands it',
    why: 'In a house of this age paint may hold lead, and board or lagging asbestos.',
    holds: (fixture, _room, facts) =>
      ['walls', 'paint-marks', 'shutters'].includes(fixture.kind) &&
      facts.builtYear !== undefined &&
      facts.builtYear < OLD_MATERIALS_BEFORE,
    once: true,
  },
  {
    id: 'gutters',
    what: 'Have the high gutters and the roof looked at',
    why: 'Roofs and high gutters are for a roofer.',
    holds: is('gutters'),
  },
  {
    id: 'ducts',
    what: 'Have the ducts cleaned',
    why: 'Blocked or mouldy ducts are for a duct cleaner.',
    holds: (fixture) =>
      ['air-return', 'ventilation-filter'].includes(fixture.kind) &&
      ['heavy', 'years'].includes(fixture.soil),
  },
  {
    id: 'large-carpet',
    what: 'Have the whole carpet washed',
    why: 'Whole carpets where the furniture is heavy are quicker and drier by a carpet cleaner.',
    holds: (fixture, room) => fixture.kind === 'carpet' && room.lengthM * room.widthM >= LARGE_CARPET_M2,
  },
];

/** What a home has that a licensed trade should see to, each where it is; nothing that is on the list already. */
export function suggestedCalls(home: Home, known: readonly Pick<Call, 'id'>[]): Call[] {
  const found = new Map<string, Call>();
  for (const { room, fixture } of placesOf(home))
    for (const { id, what, why, once, holds } of CALL_ROWS) {
      if (!holds(fixture, room, home.facts)) continue;
      const call = { id: once ? id : `${id}:${fixture.id}`, what, why, note: '', done: false };
      found.set(call.id, once ? call : { ...call, room: room.name });
    }
  for (const { id } of known) found.delete(id);
  return [...found.values()];
}
