import { z } from 'zod';
import { clockSchema, idSchema } from '../basics/scalars';
import { machineKindSchema } from '../catalogue/method';

/** A machine that a household has, and when it may run. */
export const householdMachineSchema = z.strictObject({
  id: idSchema,
  kind: machineKindSchema,
  /** Every day it may run from … to …; absent: at any time. */
  from: clockSchema.optional(),
  to: clockSchema.optional(),
});
export type HouseholdMachine = z.infer<typeof householdMachineSchema>;
