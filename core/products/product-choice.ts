import { surfaceOf } from '../catalogue/catalogue';
import { clashesOn, mixes } from '../catalogue/clashes';
import type { Dose, Method } from '../catalogue/method';
import { factsOf, isOf } from '../catalogue/product-facts';
import type { ProductName } from '../catalogue/products';
import type { ProductSchool } from '../catalogue/work-kinds';
import type { Fixture } from '../home/room';

/** The products with which one task is done, and why they are not those of the school that was asked for. */
export type ProductChoice = {
  readonly wanted: ProductSchool;
  /** Whose products these are. */
  readonly school: ProductSchool;
  readonly doses: readonly Dose[];
  /** What disinfects after cleaning, where that is wanted and matters. */
  readonly disinfectant?: Dose;
  readonly swap?: Swap;
};

/** Why the wanted products were not taken: the school has none for this, or they clash. */
export type Swap =
  | { readonly why: 'none' }
  /** The household would not have it on this surface. */
  | { readonly why: 'told'; readonly product: ProductName }
  | { readonly why: 'surface' | 'near'; readonly clash: string; readonly product: ProductName };

/** Where a school has nothing safe for a task: the schools to look in next, the mildest first. */
const NEXT_SCHOOLS: readonly ProductSchool[] = ['pantry', 'water', 'shop'];
/** Whoever steams would rather do without what is mixed. */
const NEXT_TO_STEAM: readonly ProductSchool[] = ['water', 'pantry', 'shop'];

const NOTHING_MORE: Candidate = { school: 'water', doses: [] };

type Candidate = { readonly school: ProductSchool; readonly doses: readonly Dose[] };

/**
 * What a method takes of products in a school on one fixture; from the nearest school that has something safe, where
 * the school itself has not; water and a cloth where none has. Never one that the surface forbids, nor one for which
 * `clashing` names a product that must not come near.
 */
export function chooseProducts(
  method: Method,
  fixture: Pick<Fixture, 'kind' | 'surface'>,
  wanted: ProductSchool,
  clashing?: (product: ProductName) => Swap | undefined,
): ProductChoice {
  if (clashing) return choiceOf(method, fixture, wanted, clashing);
  const known = usualChoices.get(method) ?? new Map<string, ProductChoice>();
  usualChoices.set(method, known);
  const key = `${fixture.kind} ${fixture.surface} ${wanted}`;
  const choice = known.get(key) ?? choiceOf(method, fixture, wanted, () => undefined);
  known.set(key, choice);
  return choice;
}

/** Worked out once for each kind of thing: a house has many alike. */
const usualChoices = new WeakMap<Method, Map<string, ProductChoice>>();

function choiceOf(
  method: Method,
  fixture: Pick<Fixture, 'kind' | 'surface'>,
  wanted: ProductSchool,
  clashing: (product: ProductName) => Swap | undefined,
): ProductChoice {
  const refused = (dose: Dose) => onSurface(dose, fixture) ?? clashing(dose.product);
  const disinfectant = wanted === 'disinfecting' ? disinfectantFor(method, refused) : undefined;
  const found = candidates(method, wanted);
  const mixed = (doses: readonly Dose[]) => mixes(doses.map((dose) => dose.product));
  const safe = found.find(({ doses }) => !doses.some(refused) && !mixed(doses)) ?? NOTHING_MORE;
  const swap = swapOf(found, safe, wanted, refused);
  return {
    wanted,
    school: safe.school,
    doses: safe.doses,
    ...(disinfectant && { disinfectant }),
    ...(swap && { swap }),
  };
}

/** What disinfects where the catalogue says that it matters, if any of it may be used there. */
function disinfectantFor(method: Method, refused: (dose: Dose) => Swap | undefined): Dose | undefined {
  return method.products.disinfecting?.find((dose) => !refused(dose));
}

/** What could be used, the wanted school first. */
function candidates(method: Method, wanted: ProductSchool): Candidate[] {
  const next = wanted === 'steam' ? NEXT_TO_STEAM : NEXT_SCHOOLS;
  const schools = [...new Set([...(wanted === 'disinfecting' ? [] : [wanted]), ...next])];
  return schools.flatMap((school) => {
    const doses =
      school === 'water' ? (method.products.water ?? plainWater(method)) : method.products[school];
    return [method.own?.[school], doses].flatMap((own) => (own ? [{ school, doses: own }] : []));
  });
}

/** Where soap is only a drop in the water, water alone does it too. */
function plainWater(method: Method): Dose[] | undefined {
  const soapy = method.products.pantry;
  if (!soapy?.every((dose) => dose.inMl !== undefined && isOf(dose.product, ['soap']))) return undefined;
  return soapy.map((dose) => ({ product: 'water', amount: dose.inMl as number, unit: 'ml' }));
}

function swapOf(
  found: readonly Candidate[],
  safe: Candidate,
  wanted: ProductSchool,
  refused: (dose: Dose) => Swap | undefined,
): Swap | undefined {
  const first = found[0];
  if (!first) return undefined;
  if (first === safe)
    return first.school === wanted || wanted === 'disinfecting' ? undefined : { why: 'none' };
  return first.doses.map(refused).find((swap) => swap !== undefined) ?? { why: 'none' };
}

function onSurface(
  { product, notOn = [] }: Dose,
  fixture: Pick<Fixture, 'kind' | 'surface'>,
): Swap | undefined {
  const surface = surfaceOf(fixture);
  const clash = clashesOn(product, surface, fixture.kind).find((row) => row.forbidden);
  if (clash) return { why: 'surface', clash: clash.id, product };
  return (notOn as readonly (string | undefined)[]).includes(surface) ? { why: 'told', product } : undefined;
}

/** What is used: the heart of a choice, and of what is remembered of one. */
export type Products = Pick<ProductChoice, 'school' | 'doses' | 'disinfectant'>;

/**
 * A task that was begun goes on with what it was begun with, whatever is wanted now. Undefined where the surface turned
 * out to forbid it.
 */
export function begunWith(
  used: Products,
  fixture: Pick<Fixture, 'kind' | 'surface'>,
  wanted: ProductSchool,
): ProductChoice | undefined {
  if (dosesOf(used).some((dose) => onSurface(dose, fixture))) return undefined;
  const { school, doses, disinfectant } = used;
  return { wanted, school, doses, ...(disinfectant && { disinfectant }) };
}

/** Every product that a choice uses. */
export function productsOf(choice: Products): ProductName[] {
  return dosesOf(choice).map((dose) => dose.product);
}

/** Every dose of a choice. */
export function dosesOf({ doses, disinfectant }: Products): Dose[] {
  return [...doses, ...(disinfectant ? [disinfectant] : [])];
}

/** Hazards that come with the products. */
export function productTags(choice: ProductChoice): string[] {
  return [...new Set(productsOf(choice).flatMap((product) => factsOf(product).tags))];
}
