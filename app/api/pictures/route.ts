import { NextResponse } from 'next/server';
import { z } from 'zod';
import { permitted } from '@/app/access/permitted';
import { answered } from '@/app/api/answered';
import { isJpeg, MOMENTS, MOST_PICTURE_BYTES, MOST_PICTURES } from '@/core/clean/picture';
import { roomsOf } from '@/core/home/room';
import { keptHousehold } from '@/server/household/kept';
import { nowIn } from '@/server/process/clock';
import { addPicture } from '@/server/repositories/pictures';
import { isSameOrigin } from '@/server/session';
import { readBytes } from '@/server/upload';

const askedSchema = z.object({ id: z.uuid(), room: z.string().min(1).max(200), moment: z.enum(MOMENTS) });

/** A picture of a room, before or after the work: a JPEG that was made small where it was taken. */
export const POST = answered(async (request: Request): Promise<Response> => {
  if (!(await isSameOrigin())) return said(403, 'This came from another page and was not carried out.');
  const may = await permitted('POST /api/pictures');
  if (!may.ok) return said(may.status, may.sentence);
  const { scope } = may;
  const asked = askedSchema.safeParse(Object.fromEntries(new URL(request.url).searchParams));
  const bytes = await readBytes(request, MOST_PICTURE_BYTES);
  if (!bytes) return said(413, 'This picture is too large. Nothing was kept.');
  if (!asked.success || !isJpeg(bytes))
    return said(400, 'This is no picture that can be kept. Nothing was changed.');
  const { household } = await keptHousehold(scope);
  const room = roomsOf(household.home).find(({ id }) => id === asked.data.room);
  if (!room) return said(404, 'This room is no longer there. The picture was not kept.');
  const picture = {
    id: asked.data.id,
    at: nowIn(household.timezone),
    room: room.id,
    place: room.name,
    moment: asked.data.moment,
    ...(household.clean && { clean: household.clean.id }),
  };
  return (await addPicture(scope, picture, bytes))
    ? NextResponse.json({ kept: true, sentence: 'The picture is kept.' })
    : said(409, `A household keeps ${MOST_PICTURES} pictures. Remove some first; this one was not kept.`);
});

function said(status: number, sentence: string): Response {
  return NextResponse.json({ kept: false, sentence }, { status });
}
