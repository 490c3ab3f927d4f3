import { signedIn } from '../../asker';
import { sendMoved } from '../../send-moved';

export async function GET(_request: Request, { params }: { params: Promise<{ wish: string }> }) {
  return sendMoved((await params).wish, signedIn);
}
