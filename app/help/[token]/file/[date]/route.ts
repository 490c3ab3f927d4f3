import { answered } from '@/app/api/answered';
import { sendFile } from '@/app/api/day/send-file';
import { helperBy } from '../../helper';

type Params = { params: Promise<{ token: string; date: string }> };

export const GET = answered(async (request: Request, { params }: Params): Promise<Response> => {
  const { token, date } = await params;
  return sendFile(request, date, helperBy(token));
});
