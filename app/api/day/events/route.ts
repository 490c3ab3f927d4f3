import { answered } from '@/app/api/answered';
import { signedIn } from '../asker';
import { takeEvents } from '../take-events';

export const POST = answered((request: Request) => takeEvents(request, signedIn));
