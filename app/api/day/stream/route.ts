import { answered } from '@/app/api/answered';
import { signedIn } from '../asker';
import { streamNews } from '../stream-news';

export const GET = answered((request: Request) => streamNews(request, signedIn));
