import { signedIn, streamNews } from '../handlers';

export async function GET(request: Request): Promise<Response> {
  return streamNews(request, signedIn);
}
