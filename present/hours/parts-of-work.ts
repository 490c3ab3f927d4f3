import type { WorkKind } from '@/core/catalogue/work-kinds';
import { type CleanTask, handsRange } from '@/core/work/tasks';

/** What a room's hours are made of: a few sorts of work, in the order in which they are drawn everywhere. */

export const PARTS = ['belongings', 'dust', 'wash', 'wet', 'textiles', 'floors'] as const;
export type PartName = (typeof PARTS)[number];

export const PART_WORDS: Record<PartName, string> = {
  belongings: 'Belongings',
  dust: 'Dust',
  wash: 'Wash and wipe',
  wet: 'Bath and limescale',
  textiles: 'Textiles',
  floors: 'Floors',
};

const PART_OF: Readonly<Record<WorkKind, PartName>> = {
  belongings: 'belongings',
  dusting: 'dust',
  furniture: 'dust',
  windows: 'wash',
  walls: 'wash',
  kitchen: 'wash',
  appliances: 'wash',
  outside: 'wash',
  household: 'wash',
  limescale: 'wet',
  sanitary: 'wet',
  textiles: 'textiles',
  floors: 'floors',
};

export type PartOfWork = { readonly part: PartName; readonly minutes: number };

/** The parts that there are, with their hands-on minutes; together those of all the tasks. */
export function partsOfWork(tasks: readonly CleanTask[]): PartOfWork[] {
  return PARTS.map((part) => ({
    part,
    minutes: handsRange(tasks.filter(({ method }) => PART_OF[method.kind] === part)).minutes,
  })).filter(({ minutes }) => minutes > 0);
}
