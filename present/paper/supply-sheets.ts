import { groupBy } from '@/core/basics/group-by';
import { SHOP_SECTIONS, type ShopSection, sectionOf } from '../supplies/shop-sections';
import type { CardRow, ShoppingRow, SuppliesScreen } from '../supplies/supplies-model';
import { amountWords, spoonWords } from '../supplies/supply-words';
import type { Drum, WashRun, WashScreen } from '../supplies/wash-model';
import { clockAfter } from '../supplies/wash-words';
import { clock, count, longDate } from '../words/words';
import { emptySheet, type Line, type Sheet, type SheetPart } from './sheet';

/** What to buy, in the order in which one passes it in the shop. */
export function shoppingSheet({ shopping, total }: SuppliesScreen, found: readonly string[]): Sheet {
  if (shopping.length + found.length === 0)
    return emptySheet('To buy', 'Everything that the clean takes is in the house.');
  const bySection = groupBy(shopping, ({ name }) => sectionOf(name));
  const sections = Object.keys(SHOP_SECTIONS) as ShopSection[];
  return {
    title: 'To buy',
    line: `${count(shopping.length + found.length, 'thing', 'things')}, together about ${total} at made-up prices.`,
    parts: [
      ...sections.flatMap((section): SheetPart[] => {
        const rows = bySection.get(section);
        return rows
          ? [{ title: SHOP_SECTIONS[section], blocks: [{ is: 'lines', lines: rows.map(lineToBuy) }] }]
          : [];
      }),
      ...(found.length > 0
        ? [
            {
              title: 'Written down on the way',
              blocks: [{ is: 'lines', lines: found.map((what): Line => ({ box: 'open', what })) }],
            } as const,
          ]
        : []),
      { blocks: [{ is: 'ruled', title: 'And besides', rows: 4 }] },
    ],
  };
}

function lineToBuy({ words, packWords, price, by, needed, inHouse }: ShoppingRow): Line {
  return {
    box: 'open',
    what: words,
    side: `${packWords}, ${price}`,
    more: [`${needed} needed, ${inHouse} in the house${by ? `; by ${longDate(by)}` : ''}.`],
  };
}

/** How each mixture is made, to hang by the tap. */
export function mixingSheet({ cards, neat, cloths, units }: SuppliesScreen): Sheet {
  if (cards.length + neat.length === 0)
    return emptySheet('To mix', 'Nothing has to be mixed for what is left of the clean.');
  return {
    title: 'To mix',
    line: 'The label on the product comes first. Never mix two products, and never put one on top of another that is still wet.',
    parts: [
      ...cards.map(
        (card): SheetPart => ({
          title: card.words,
          line: mixWords(card, units),
          blocks: [{ is: 'words', words: card.jobs }],
        }),
      ),
      ...(neat.length > 0
        ? [
            {
              title: 'As it is',
              blocks: [
                {
                  is: 'words',
                  words: neat.map(
                    ({ words, amount, jobs }) => `${words}, ${amount} in all: ${jobs.join('; ')}.`,
                  ),
                },
              ],
            } as const,
          ]
        : []),
      ...(cloths.length > 0
        ? [
            {
              title: 'Cloths by zone',
              line: 'Zones share none, and every day’s cloths go to the wash.',
              blocks: [
                {
                  is: 'words',
                  words: cloths.map(({ zone, count: n }) => `${zone}: ${count(n, 'cloth', 'cloths')}`),
                },
              ],
            } as const,
          ]
        : []),
    ],
  };
}

function mixWords(card: CardRow, units: SuppliesScreen['units']): string {
  const { amount, unit, waterMl, vessel, spoons, fills, gloves } = card;
  return [
    `${amountWords(amount, unit, units)} in ${amountWords(waterMl, 'ml', units)} of water`,
    `about ${spoonWords(spoons)}, in the ${vessel}`,
    fills === 1 ? 'one fill' : `${fills} fills, fresh water each time`,
    ...(gloves ? ['gloves on'] : []),
  ].join('; ');
}

/** Each run of the machine, what is in the drum, and by when it is out. */
export function washSheet({ runs, waiting, tooHeavy, together }: WashScreen): Sheet {
  if (runs.length + waiting.length === 0)
    return emptySheet('The wash', 'Nothing that is left of the clean goes into the wash.');
  const byDate = groupBy(runs, ({ start }) => start.slice(0, 10));
  return {
    title: 'The wash',
    line: 'The label in each piece comes first.',
    parts: [
      ...[...byDate].map(
        ([date, own]): SheetPart => ({
          title: `${longDate(date)} ${date.slice(0, 4)}`,
          blocks: [
            { is: 'lines', lines: own.map(lineOfRun) },
            ...together
              .filter((one) => one.date === date)
              .map(
                ({ names }) =>
                  ({ is: 'words', words: [`Would go into one drum: ${names.join('; ')}.`] }) as const,
              ),
          ],
        }),
      ),
      ...(waiting.length > 0
        ? [{ title: 'No date yet', blocks: [{ is: 'lines', lines: waiting.map(lineOfDrum) }] } as const]
        : []),
      ...(tooHeavy.length > 0
        ? [{ title: 'Too heavy for the machine', blocks: [{ is: 'words', words: tooHeavy }] } as const]
        : []),
    ],
  };
}

function lineOfRun({ title, room, start, end, outBy, dries, drums }: WashRun): Line {
  return {
    box: 'open',
    at: clock(start),
    what: title,
    where: room,
    side: `through at ${clockAfter(end, start)}`,
    more: [
      ...drums.map(drumWords),
      ...(outBy ? [`Out by ${clockAfter(outBy, start)}.`] : []),
      ...(dries
        ? [`Dries ${dries.where}${dries.until ? ` until ${clockAfter(dries.until, start)}` : ''}.`]
        : []),
    ],
  };
}

function lineOfDrum(drum: Drum): Line {
  return { box: 'open', what: `Drum ${drum.number}`, more: [drumWords(drum)] };
}

function drumWords({ programme, weight, capacity, arcs }: Drum): string {
  return `${programme}, ${weight} of ${capacity}: ${arcs.map(({ words }) => words).join(', ')}.`;
}
