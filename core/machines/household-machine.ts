import { z } from 'zod';
import { clockSchema, idSchema } from '../basics/scalars';
import { machineKindSchema } from '../catalogue/method';

export const LEAST_MACHINE_KG = 2;
export const MOST_MACHINE_KG = 20;

/** A machine that a household has, and when it may run. */
export const householdMachineSchema = z.strictObject({
  id: idSchema,
  kind: machineKindSchema,
  /** Every day it may run from … to …; absent: at any time. */
  from: clockSchema.optional(),
  to: clockSchema.optional(),
  /** What a washing machine takes of dry cotton, in kilograms; absent: as a usual one. */
  kg: z.number().min(LEAST_MACHINE_KG).max(MOST_MACHINE_KG).optional(),
});
export type HouseholdMachine = z.infer<typeof householdMachineSchema>;
