import { signedIn } from '../asker';
import { takeEvents } from '../take-events';

export async function POST(request: Request): Promise<Response> {
  return takeEvents(request, signedIn);
}
