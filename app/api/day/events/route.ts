import { signedIn, takeEvents } from '../handlers';

export async function POST(request: Request): Promise<Response> {
  return takeEvents(request, signedIn);
}
