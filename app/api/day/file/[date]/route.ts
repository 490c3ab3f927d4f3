import { sendFile, signedIn } from '../../handlers';

export async function GET(request: Request, { params }: { params: Promise<{ date: string }> }) {
  return sendFile(request, (await params).date, signedIn);
}
