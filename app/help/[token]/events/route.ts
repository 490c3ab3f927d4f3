import { answered } from '@/app/api/answered';
import { takeEvents } from '@/app/api/day/take-events';
import { type HelperParams, helperBy } from '../helper';

export const POST = answered(async (request: Request, { params }: HelperParams): Promise<Response> => {
  return takeEvents(request, helperBy((await params).token));
});
