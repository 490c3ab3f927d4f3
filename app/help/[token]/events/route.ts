import { takeEvents } from '@/app/api/day/take-events';
import { type HelperParams, helperBy } from '../helper';

export async function POST(request: Request, { params }: HelperParams): Promise<Response> {
  return takeEvents(request, helperBy((await params).token));
}
