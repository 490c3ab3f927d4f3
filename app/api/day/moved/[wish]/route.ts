import { answered } from '@/app/api/answered';
import { signedIn } from '../../asker';
import { sendMoved } from '../../send-moved';

export const GET = answered(
  async (_request: Request, { params }: { params: Promise<{ wish: string }> }): Promise<Response> => {
    return sendMoved((await params).wish, signedIn);
  },
);
