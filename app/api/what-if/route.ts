import { NextResponse } from 'next/server';
import { permitted } from '@/app/access/permitted';
import { answered } from '@/app/api/answered';
import { whatIfSchema } from '@/core/what-if/what-if-schema';
import { isSameOrigin } from '@/server/session';
import { throttle } from '@/server/throttle';
import { readUpload } from '@/server/upload';
import { subjectOfWhatIf } from '@/server/what-if';

/** What a what-if is planned from, for the page to plan with. Nothing is changed. */
export const POST = answered(async (request: Request): Promise<Response> => {
  if (!(await isSameOrigin())) return refused(403);
  const asked = await permitted('POST /api/what-if');
  if (!asked.ok) return refused(asked.status);
  const { scope } = asked;
  if (!(await throttle().take('what-if', scope.household)).isFree) return refused(429);
  const sent = await readUpload(request);
  if (!sent.ok) return refused(413);
  const whatIf = whatIfSchema.safeParse(jsonOf(sent.text));
  if (!whatIf.success) return refused(400);
  const subject = await subjectOfWhatIf(scope, whatIf.data);
  return subject ? NextResponse.json(subject, { headers: { 'cache-control': 'no-store' } }) : refused(409);
});

function jsonOf(text: string): unknown {
  try {
    return JSON.parse(text);
  } catch {
    return undefined;
  }
}

function refused(status: number): Response {
  return new Response(null, { status });
}
