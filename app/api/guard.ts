import { randomUUID } from 'node:crypto';
import { NextResponse } from 'next/server';
import type { Doing } from '@/app/access/may';
import { permitted } from '@/app/access/permitted';
import { MOST_FILE_BYTES } from '@/core/basics/limits';
import type { FileReport } from '@/present/files/file-report';
import { waitWords } from '@/server/access/throttle';
import type { HouseholdScope } from '@/server/db/scope';
import { TooLong, TooMany } from '@/server/file-reader';
import { log } from '@/server/process/log';
import { tooLarge } from '@/server/process/text-of-bytes';
import { isSameOrigin } from '@/server/session';
import { throttle } from '@/server/throttle';
import { readBytes, readUpload, UNENDED, Unended } from '@/server/upload';

const BYTE_ORDER_MARK = '\ufeff';

/** A file to take away: only for whoever is signed in, and of their own household. */
export async function download(
  doing: Doing,
  name: string,
  type: string,
  write: (scope: HouseholdScope) => Promise<string>,
): Promise<Response> {
  const asked = await permitted(doing);
  if (!asked.ok && asked.status === 401)
    return new Response(null, { status: 303, headers: { location: '/' } });
  if (!asked.ok) return new Response(asked.sentence, { status: asked.status });
  const text = await write(asked.scope);
  // Without its mark, spreadsheets take UTF-8 for the letters of their own machine.
  return new Response(type === 'text/csv' ? `${BYTE_ORDER_MARK}${text}` : text, {
    headers: {
      'content-type': `${type}; charset=utf-8`,
      'content-disposition': `attachment; filename="${name}"`,
      'cache-control': 'no-store',
    },
  });
}

/** A text file that is handed in: from this site, by somebody who is signed in, and not too large. */
export function upload(
  doing: Doing,
  request: Request,
  take: (scope: HouseholdScope, text: string, id: string) => Promise<FileReport>,
  mostBytes?: number,
): Promise<Response> {
  return handedIn(doing, request, async (scope, id) => {
    const file = await readUpload(request, mostBytes);
    return file.ok ? take(scope, file.text, id) : file;
  });
}

/** The same for a file of whichever kind. */
export function uploadBytes(
  doing: Doing,
  request: Request,
  take: (scope: HouseholdScope, bytes: Uint8Array, id: string) => Promise<FileReport>,
  mostBytes = MOST_FILE_BYTES,
): Promise<Response> {
  return handedIn(doing, request, async (scope, id) => {
    const bytes = await readBytes(request, mostBytes);
    return bytes ? take(scope, bytes, id) : { ok: false, sentence: tooLarge(mostBytes) };
  });
}

type Unread = { readonly ok: false; readonly sentence: string };

async function handedIn(
  doing: Doing,
  request: Request,
  take: (scope: HouseholdScope, id: string) => Promise<FileReport | Unread>,
): Promise<Response> {
  if (!(await isSameOrigin())) return report(403, 'This came from another page and was not carried out.');
  const asked = await permitted(doing);
  if (!asked.ok) return report(asked.status, asked.sentence);
  const { scope } = asked;
  const turn = await throttle().take('import', scope.household);
  if (!turn.isFree) return report(429, `${waitWords(turn.waitSeconds)} Nothing was changed.`);
  try {
    const result = await take(scope, commandOf(request));
    return 'ok' in result ? report(413, result.sentence) : NextResponse.json(result);
  } catch (error) {
    if (error instanceof Unended) return report(408, UNENDED);
    if (error instanceof TooMany)
      return report(429, 'Other files are being read still, so nothing was changed. Try again in a moment.');
    if (error instanceof TooLong)
      return report(
        422,
        'This file takes too long to read, so nothing was changed. Is there far more in it than you meant?',
      );
    log.error(
      { err: { type: error instanceof Error ? error.name : 'unknown' } },
      'a file could not be imported',
    );
    return report(500, 'That did not work, and nothing was changed. Please try again in a moment.');
  }
}

/** Given by the page for one press, so that a file that is sent twice is taken in once. */
function commandOf(request: Request): string {
  return request.headers.get('x-command')?.slice(0, 64) || randomUUID();
}

function report(status: number, sentence: string): Response {
  const refused: FileReport = { taken: false, sentence, faults: [] };
  return NextResponse.json(refused, { status });
}
