import { z } from 'zod';
import { idSchema } from '../../core/basics/scalars';
import { dayEventSchema } from '../../core/clean/events';
import { catchUp, heardElsewhere, passOn } from './hub';
import type { Wire } from './wire';

const CHANNEL = 'early-thaw news';

const newsSchema = z.discriminatedUnion('kind', [
  z.strictObject({ kind: z.literal('event'), event: dayEventSchema.extend({ seq: z.int().min(0) }) }),
  z.strictObject({ kind: z.literal('plan') }),
]);
const passedSchema = z.strictObject({ household: idSchema, news: newsSchema });

/** What is told in one server is told to whoever listens at another. */
export function shareNews(wire: Wire): void {
  passOn((household, news) => wire.say(CHANNEL, { household, news }));
  wire.hear(CHANNEL, passedSchema, ({ household, news }) => heardElsewhere(household, news));
  wire.whenBack(catchUp);
}
