import { signedIn } from '../asker';
import { streamNews } from '../stream-news';

export async function GET(request: Request): Promise<Response> {
  return streamNews(request, signedIn);
}
