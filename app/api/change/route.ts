import { NextResponse } from 'next/server';
import { permitted } from '@/app/access/permitted';
import { change } from '@/app/actions/edit';
import { answered } from '@/app/api/answered';
import { isSameOrigin } from '@/server/session';
import { readUpload } from '@/server/upload';

const MOST_BYTES = 200_000;

/** A change that was made while the server was out of reach: carried out as it would have been then, and once. */
export const POST = answered(async (request: Request): Promise<Response> => {
  if (!(await isSameOrigin())) return new Response(null, { status: 403 });
  const asked = await permitted('POST /api/change');
  if (!asked.ok) return new Response(null, { status: asked.status });
  const body = await readUpload(request, MOST_BYTES);
  if (!body.ok) return new Response(null, { status: 413 });
  return NextResponse.json(await change(parsed(body.text)));
});

/** Undefined where it is no JSON: then it is refused like anything that is no change. */
function parsed(text: string): unknown {
  try {
    return JSON.parse(text);
  } catch {
    return undefined;
  }
}
