import { FIXTURE_KINDS, isFixtureKind } from '@/core/catalogue/fixture-kinds';
import { PRODUCTS } from '@/core/catalogue/products';
import { MACHINE_KINDS } from '@/core/catalogue/work-kinds';
import { THINGS } from '@/core/clean/thing-names';
import { fixturesOf, roomsOf } from '@/core/home/room';
import type { HouseholdChange } from '@/core/household/change';
import type { Editable } from '@/core/household/editable';
import type { Refusal } from '@/core/household/home-change';

/** What a change was, in the words beside undo: `Wardrobe removed`. From the state before it. */
export function changeWords(change: HouseholdChange, before: Editable): string {
  const { home } = before;
  const rooms = roomsOf(home);
  const stops = rooms.flatMap((room) => room.stops);
  const room = (id: string) => rooms.find((known) => known.id === id)?.name ?? 'A room';
  const stop = (id: string) => stops.find((known) => known.id === id)?.name ?? 'A stop';
  const floor = (id: string) => home.floors.find((known) => known.id === id)?.name ?? 'A floor';
  const fixtures = rooms.flatMap(fixturesOf);
  const fixture = (id: string) => kindName(fixtures.find((known) => known.id === id)?.kind ?? '');
  switch (change.do) {
    case 'add-floor':
      return `${change.name} added`;
    case 'rename-floor':
      return `${floor(change.id)} renamed`;
    case 'drop-floor':
      return `${floor(change.id)} removed`;
    case 'add-room':
      return `${change.room.name} added`;
    case 'change-room':
      return `${room(change.id)} changed`;
    case 'drop-room':
      return `${room(change.id)} removed`;
    case 'copy-room':
      return `${room(change.id)} copied`;
    case 'add-stop':
      return `${change.name} added`;
    case 'rename-stop':
      return `${stop(change.id)} renamed`;
    case 'move-stop':
      return `${stop(change.id)} moved`;
    case 'drop-stop':
      return `${stop(change.id)} removed`;
    case 'put-fixture':
      return `${kindName(change.fixture.kind)} ${fixtures.some((known) => known.id === change.fixture.id) ? 'changed' : 'added'}`;
    case 'move-fixture':
      return `${fixture(change.id)} moved`;
    case 'drop-fixture':
      return `${fixture(change.id)} removed`;
    case 'way-round':
      return 'Way round changed';
    case 'home-facts':
      return 'Facts of the house changed';
    case 'mark':
      return change.marks.length === 1
        ? 'One decision about the scope'
        : `${change.marks.length} decisions about the scope`;
    case 'change-method':
      return 'Numbers of a method changed';
    case 'switch-method':
      return change.off ? 'A method switched off' : 'A method switched on';
    case 'put-method':
      return `${change.method.title} written down`;
    case 'drop-method':
      return 'An own method removed';
    case 'reset-method':
      return 'A method set back to the default';
    case 'put-member':
      return before.people.some((member) => member.id === change.member.id)
        ? `${change.member.name} changed`
        : `${change.member.name} joined`;
    case 'drop-member':
      return `${before.people.find((member) => member.id === change.id)?.name ?? 'Somebody'} left`;
    case 'put-machine':
      return `${MACHINE_KINDS[change.machine.kind]} kept`;
    case 'drop-machine':
      return 'A machine taken out';
    case 'put-clean':
      return 'The aim changed';
    case 'weather':
      return 'The weather of a date';
    case 'several':
      return change.changes[0] ? changeWords(change.changes[0], before) : 'Nothing';
    case 'units':
      return 'Units changed';
    case 'put-rule':
      return `Rule “${change.rule.name}”`;
    case 'drop-rule':
      return 'A rule removed';
    case 'switch-rule':
      return change.off ? 'A rule switched off' : 'A rule switched on';
    case 'put-stock':
      return `${PRODUCTS[change.stock.product]} in the cupboard`;
    case 'drop-stock':
      return `${PRODUCTS[change.product]} taken off the cupboard`;
    case 'put-thing':
      return `${THINGS[change.stock.thing]} in the cupboard`;
    case 'vessels':
      return 'Bucket and bottle';
    case 'put-call':
      return `${change.call.what}`;
    case 'drop-call':
      return 'Taken off the list for professionals';
    case 'pin':
      return change.pins.length === 1 ? 'A job placed by hand' : `${change.pins.length} jobs placed by hand`;
    case 'let-go':
      return 'Left to the plan again';
    case 'later':
      return 'Put off';
    case 'doer':
      return 'Given to one person';
    case 'free-day':
      return change.free ? 'A day kept free' : 'A day open for work again';
    case 'take-in':
      return 'Rooms taken in from a table';
  }
}

/** Why a change could not be made. */
export const REFUSAL_WORDS: Record<Refusal, string> = {
  gone: 'That is no longer there. The page shows what is.',
  'unknown-kind': 'The catalogue does not know this kind of fixture.',
  'forbidden-mix': 'These products must not be used together. Nothing was kept; take one of them out.',
  'own-name': 'Only rules of your own can be changed. Those that ship can be switched off.',
  'too-much': 'A household can’t hold more of these. Nothing was changed; remove some first.',
  shell: 'The room itself stays on the strip: ceiling, walls and floor belong to it.',
};

function kindName(kind: string): string {
  return isFixtureKind(kind) ? FIXTURE_KINDS[kind].name : 'A thing';
}
