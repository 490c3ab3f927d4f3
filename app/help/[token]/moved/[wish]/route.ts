import { answered } from '@/app/api/answered';
import { sendMoved } from '@/app/api/day/send-moved';
import { helperBy } from '../../helper';

type Params = { params: Promise<{ token: string; wish: string }> };

export const GET = answered(async (_request: Request, { params }: Params): Promise<Response> => {
  const { token, wish } = await params;
  return sendMoved(wish, helperBy(token));
});
