import { streamNews } from '@/app/api/day/stream-news';
import { type HelperParams, helperBy } from '../helper';

export async function GET(request: Request, { params }: HelperParams): Promise<Response> {
  return streamNews(request, helperBy((await params).token));
}
