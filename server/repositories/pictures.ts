import {
  isJpeg,
  MOST_PICTURE_BYTES,
  MOST_PICTURES,
  type Picture,
  type PictureInFile,
  pictureSchema,
} from '../../core/clean/picture';
import type { HouseholdScope, Row } from '../db/scope';

/** Pictures of a household, apart from everything that is read at once. */

/** Keeps a picture; the same one sent twice is one. False where there is no room for another. */
export async function addPicture(
  scope: HouseholdScope,
  picture: Picture,
  jpeg: Uint8Array,
): Promise<boolean> {
  return scope.transaction(async (inside) => {
    await inside.lock();
    if ((await countPictures(inside)) >= MOST_PICTURES) return false;
    await inside.insertOnce('pictures', rowOf(picture, jpeg), ['id']);
    return true;
  });
}

function rowOf(picture: Picture, jpeg: Uint8Array): Row {
  return {
    id: picture.id,
    at: picture.at,
    room: picture.room,
    clean_id: picture.clean ?? null,
    value: JSON.stringify(picture),
    jpeg: Buffer.from(jpeg),
  };
}

export async function countPictures(scope: HouseholdScope): Promise<number> {
  const row: { pictures: number } | undefined = await scope.rows('pictures').count({ pictures: '*' }).first();
  return Number(row?.pictures ?? 0);
}

/** What is known of pictures, the oldest first: of one clean, or of all. */
export async function listPictures(scope: HouseholdScope, clean?: string): Promise<Picture[]> {
  const rows = scope.rows('pictures').orderBy('at').orderBy('id').select('value');
  if (clean !== undefined) rows.where({ clean_id: clean });
  return ((await rows) as { value: string }[]).map(({ value }) => pictureSchema.parse(JSON.parse(value)));
}

export async function loadJpeg(scope: HouseholdScope, id: string): Promise<Buffer | undefined> {
  const row: { jpeg: Buffer } | undefined = await scope.rows('pictures').where({ id }).first('jpeg');
  return row?.jpeg;
}

export async function dropPicture(scope: HouseholdScope, id: string): Promise<void> {
  await scope.rows('pictures').where({ id }).del();
}

/** The latest pictures as they go into a file, as many as so many bytes hold. */
export async function picturesForFile(scope: HouseholdScope, mostBytes: number): Promise<PictureInFile[]> {
  const pictures: PictureInFile[] = [];
  let bytes = 0;
  for (const picture of (await listPictures(scope)).reverse()) {
    const jpeg = await loadJpeg(scope, picture.id);
    bytes += jpeg?.length ?? 0;
    if (bytes > mostBytes) break;
    if (jpeg) pictures.push({ ...picture, jpeg: jpeg.toString('base64') });
  }
  return pictures.reverse();
}

/** Pictures that came in a file, beside those that are there; what is none is left out. */
export async function insertPictures(
  scope: HouseholdScope,
  pictures: readonly PictureInFile[],
): Promise<void> {
  let room = MOST_PICTURES - (await countPictures(scope));
  for (const { jpeg, ...picture } of pictures) {
    const bytes = Buffer.from(jpeg, 'base64');
    if (room <= 0 || bytes.length > MOST_PICTURE_BYTES || !isJpeg(bytes)) continue;
    await scope.insertOnce('pictures', rowOf(picture, bytes), ['id']);
    room -= 1;
  }
}
