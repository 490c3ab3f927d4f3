import { NextResponse } from 'next/server';
import { whatIfSchema } from '@/core/what-if/what-if-schema';
import { currentScope, isSameOrigin } from '@/server/session';
import { readUpload } from '@/server/upload';
import { problemOfWhatIf } from '@/server/what-if';

/** The problem that a what-if would lead to, for the page to plan with. Nothing is changed. */
export async function POST(request: Request): Promise<Response> {
  if (!(await isSameOrigin())) return refused(403);
  const scope = await currentScope();
  if (!scope) return refused(401);
  const sent = await readUpload(request);
  if (!sent.ok) return refused(413);
  const whatIf = whatIfSchema.safeParse(jsonOf(sent.text));
  if (!whatIf.success) return refused(400);
  const problem = await problemOfWhatIf(scope, whatIf.data);
  return problem ? NextResponse.json(problem, { headers: { 'cache-control': 'no-store' } }) : refused(409);
}

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
