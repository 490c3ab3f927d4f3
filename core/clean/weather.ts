import { z } from 'zod';
import { dateSchema } from '../basics/scalars';

/** What somebody has said of a date. */
export const weatherSchema = z.strictObject({ date: dateSchema, dry: z.boolean() });
