import { z } from 'zod';
import { MATTERS } from '../basics/choices';
import { idSchema, taskIdSchema } from '../basics/scalars';
import { GROUPINGS, SPREADS } from '../plan/problem';
import type { WhatIf } from './what-if';

const weekday = z.int().min(1).max(7);
const minutes = z.int().min(5).max(720);

export const whatIfSchema: z.ZodType<WhatIf> = z.discriminatedUnion('do', [
  z.strictObject({ do: z.literal('nothing') }),
  z.strictObject({ do: z.literal('group'), grouping: z.enum(GROUPINGS) }),
  z.strictObject({ do: z.literal('spread'), spread: z.enum(SPREADS) }),
  z.strictObject({ do: z.literal('matters'), matters: z.enum(MATTERS) }),
  z.strictObject({ do: z.literal('hours'), weekdays: z.array(weekday).min(1).max(7), minutes }),
  z.strictObject({ do: z.literal('helper'), weekday, minutes }),
  z.strictObject({ do: z.literal('finish'), days: z.int().min(1).max(366) }),
  z.strictObject({ do: z.literal('reserve'), days: z.int().min(1).max(30) }),
  z.strictObject({ do: z.literal('without-room'), room: idSchema }),
  z.strictObject({ do: z.literal('without'), tasks: z.array(taskIdSchema).min(1).max(20_000) }),
]);
