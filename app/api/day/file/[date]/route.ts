import { answered } from '@/app/api/answered';
import { signedIn } from '../../asker';
import { sendFile } from '../../send-file';

export const GET = answered(
  async (request: Request, { params }: { params: Promise<{ date: string }> }): Promise<Response> => {
    return sendFile(request, (await params).date, signedIn);
  },
);
