import { signedIn } from '../../asker';
import { sendFile } from '../../send-file';

export async function GET(request: Request, { params }: { params: Promise<{ date: string }> }) {
  return sendFile(request, (await params).date, signedIn);
}
