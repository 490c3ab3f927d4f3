import { z } from 'zod';
import { dateTimeSchema, idSchema, nameSchema } from '../basics/scalars';

/** When a picture was taken: before the work, or after it. */
export const MOMENTS = ['before', 'after'] as const;
export type Moment = (typeof MOMENTS)[number];

/** A picture is made small where it is taken; no household keeps more of them. */
export const MOST_PICTURE_BYTES = 200_000;
export const MOST_PICTURES = 500;
/** Of base64: four letters for three bytes. */
const MOST_LETTERS = Math.ceil(MOST_PICTURE_BYTES / 3) * 4;

/** What is known of a picture beside what is on it. */
export const pictureSchema = z.strictObject({
  id: idSchema,
  at: dateTimeSchema,
  room: idSchema,
  /** What the room was called. */
  place: nameSchema,
  clean: idSchema.optional(),
  moment: z.enum(MOMENTS),
});
export type Picture = z.infer<typeof pictureSchema>;

/** The same in a file, with what is on it: a JPEG in base64. */
export const pictureInFileSchema = pictureSchema.extend({
  jpeg: z.base64().max(MOST_LETTERS),
});
export type PictureInFile = z.infer<typeof pictureInFileSchema>;

/** Whether bytes are a JPEG from its first to its last two. */
export function isJpeg(bytes: Uint8Array): boolean {
  const [end, last] = [bytes.at(-2), bytes.at(-1)];
  return bytes[0] === 0xff && bytes[1] === 0xd8 && bytes[2] === 0xff && end === 0xff && last === 0xd9;
}
