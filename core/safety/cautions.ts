import type { Method } from '../catalogue/method';
import { type Family, factsOf, isOf } from '../catalogue/product-facts';
import type { ProductName } from '../catalogue/products';
import type { Tag } from '../catalogue/tags';
import type { FactName, HomeFacts } from '../home/facts';
import type { Room } from '../home/room';

/** What to beware of because of the home itself, one row a caution. The label and the maker come first. */
export type HomeCaution = {
  readonly id: string;
  /** The fact of the home, or of the room, that it comes from. */
  readonly from: FactName | 'ventilation';
  readonly holds: (facts: HomeFacts, room: Room) => boolean;
  readonly concerns: (work: Work) => boolean;
  readonly says: string;
};

/** Paint and board from before this year may hold lead or asbestos; later in some countries, so it is a caution and no rule. */
export const OLD_MATERIALS_BEFORE = 1990;

/** A method as it is done here: with these products, in this room. */
type Work = {
  readonly method: Method;
  readonly products: readonly ProductName[];
};

const tagged =
  (...tags: readonly Tag[]) =>
  ({ method, products }: Work) =>
    products.some((product) => factsOf(product).tags.some((tag) => tags.includes(tag))) ||
    method.steps.some((step) => step.mode === 'hands' && step.tags.some((tag) => tags.includes(tag)));

const uses =
  (...families: readonly Family[]) =>
  ({ products }: Work) =>
    products.some((product) => isOf(product, families));

const HOME_CAUTIONS: readonly HomeCaution[] = [
  {
    id: 'birds-and-fumes',
    from: 'birds',
    holds: (facts) => facts.birds,
    concerns: tagged('fumes', 'chemical'),
    says: 'Birds first out of the room and out of the draught: fumes and sprays harm them long before us.',
  },
  {
    id: 'pets-and-wet',
    from: 'pets',
    holds: (facts) => facts.pets,
    concerns: tagged('fumes', 'chemical'),
    says: 'Pets out of the room until it is rinsed and dry: what is left on the floor is licked off paws.',
  },
  {
    id: 'old-materials',
    from: 'builtYear',
    holds: (facts) => facts.builtYear !== undefined && facts.builtYear < OLD_MATERIALS_BEFORE,
    concerns: ({ method }) =>
      ['walls-wash', 'paint-touch-up', 'skirting-wipe', 'shutter-wash'].includes(method.id),
    says: 'In a house of this age paint may hold lead, and board or lagging asbestos: no sanding and no dry scraping; have it tested first.',
  },
  {
    id: 'tank-and-bleach',
    from: 'tank',
    holds: (facts) => facts.tank,
    concerns: uses('chlorine', 'peroxide', 'quat'),
    says: 'Waste water goes into your own tank: bleach and disinfectants harm what works in it. As little as does it, or the milder school.',
  },
  {
    id: 'well-and-bleach',
    from: 'well',
    holds: (facts) => facts.well,
    concerns: uses('chlorine', 'peroxide'),
    says: 'Well water often carries iron, and bleach sets its stains: try a hidden spot first.',
  },
  {
    id: 'no-air',
    from: 'ventilation',
    holds: (_facts, room) => room.ventilation === 'none',
    concerns: tagged('fumes', 'chemical'),
    says: 'This room has no window and no fan: door open, air drawn through, and short turns.',
  },
];

/** The cautions that hold for a method in a room of a home, with the products that it is done with there. */
export function homeCautions(work: Work, facts: HomeFacts, room: Room): HomeCaution[] {
  return HOME_CAUTIONS.filter((row) => row.holds(facts, room) && row.concerns(work));
}
