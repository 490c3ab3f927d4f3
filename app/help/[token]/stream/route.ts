import { answered } from '@/app/api/answered';
import { streamNews } from '@/app/api/day/stream-news';
import { type HelperParams, helperBy } from '../helper';

export const GET = answered(async (request: Request, { params }: HelperParams): Promise<Response> => {
  return streamNews(request, helperBy((await params).token));
});
