import { taskIdOf } from '../basics/ids';
import { MOST_NAME } from '../basics/limits';
import { unitFor } from '../catalogue/product-facts';
import { type ProductName, productInText } from '../catalogue/products';
import { OWN_RULE_PREFIX } from '../clean/rule';
import { newFixture } from '../furnish/fixture';

import { type Home, type Room, roomsOf } from '../home/room';
import type { HouseholdChange } from '../household/change';
import { productsOf } from '../products/product-choice';
import type { CleanTask } from '../work/task';
import { putOff } from './put-off';

type Circumstances = {
  readonly home: Home;
  readonly tasks: readonly CleanTask[];
  readonly begun: ReadonlySet<string>;
};

const SHOP = 'shop-trip';
const MOST_IN_RULE = 400;

/** The cupboard is empty of it: somebody goes to the shop, and what is done with it comes after that. */
export function runOut(
  id: string,
  product: ProductName,
  at: string,
  { home, tasks, begun }: Circumstances,
): HouseholdChange {
  const stock = { product, amount: 0, unit: unitFor(product), counted: at };
  const waiting = tasks
    .filter((task) => productsOf(task.products).includes(product) && !begun.has(task.id))
    .map((task) => task.id);
  if (waiting.length === 0) return { do: 'put-stock', stock };
  const trip = tasks.find(({ method, ...task }) => method.id === SHOP && !begun.has(task.id))?.id;
  const room = wayOut(home);
  return {
    do: 'several',
    changes: [
      { do: 'put-stock', stock },
      putOff(waiting, at.slice(0, 10)),
      ...(trip || !room ? [] : goingOut(id, room, productInText(product))),
      ...(trip || room ? [afterTheShop(id, trip ?? tripOf(id), waiting)] : []),
    ],
  };
}

function wayOut(home: Home): Room | undefined {
  const rooms = roomsOf(home);
  return rooms.find(({ kind }) => kind === 'hall') ?? rooms[0];
}

const stopOf = (id: string) => `shop-${id}`;
const fixtureOf = (id: string) => `${stopOf(id)}-list`;
const tripOf = (id: string) => taskIdOf(fixtureOf(id), SHOP);

function goingOut(id: string, room: Room, product: string): HouseholdChange[] {
  const stopId = stopOf(id);
  return [
    {
      do: 'add-stop',
      roomId: room.id,
      id: stopId,
      name: `To the shop: ${product}`.slice(0, MOST_NAME),
    },
    { do: 'put-fixture', stopId, fixture: newFixture(fixtureOf(id), SHOP) },
  ];
}

/** Not in place of a trip that is left out: what one has brought by chance is as good. */
function afterTheShop(id: string, trip: string, waiting: readonly string[]): HouseholdChange {
  return {
    do: 'put-rule',
    rule: {
      id: `${OWN_RULE_PREFIX}${stopOf(id)}`,
      name: 'What has run out is bought first',
      before: { tasks: [trip] },
      after: { tasks: waiting.slice(0, MOST_IN_RULE) },
      within: 'house',
      hard: true,
      orderOnly: true,
      reason: 'Nothing of it is left in the cupboard.',
    },
  };
}
