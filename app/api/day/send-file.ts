import { NextResponse } from 'next/server';
import { isLocalDate } from '@/core/basics/local-time';
import { type Asker, NOBODY, refused } from './asker';
import { fileFor } from './file-for';

/** The day as a file. */
export async function sendFile(request: Request, date: string, asker: Asker): Promise<Response> {
  const sender = await asker();
  if (!sender) return refused(NOBODY);
  if (!isLocalDate(date)) return refused(400);
  const person = new URL(request.url).searchParams.get('person') ?? undefined;
  const file = await fileFor(sender, date, person);
  return file ? NextResponse.json(file, { headers: { 'cache-control': 'no-store' } }) : refused(404);
}
