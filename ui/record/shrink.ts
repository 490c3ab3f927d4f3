'use client';
import { MOST_PICTURE_BYTES } from '@/core/clean/picture';

/** Ever smaller, until a picture is light enough: its longer side in px, and how well it is kept. */
const SIZES = [
  [1600, 0.82],
  [1280, 0.78],
  [1024, 0.72],
  [800, 0.66],
  [640, 0.55],
] as const;

/** A picture made small on the device, as a JPEG; undefined where this is no picture that the device can open. */
export async function shrunk(file: Blob): Promise<Blob | undefined> {
  const image = await createImageBitmap(file).catch(() => undefined);
  if (!image) return undefined;
  try {
    for (const [side, quality] of SIZES) {
      const blob = await drawn(image, side, quality);
      if (blob && blob.size <= MOST_PICTURE_BYTES) return blob;
    }
    return undefined;
  } finally {
    image.close();
  }
}

function drawn(image: ImageBitmap, side: number, quality: number): Promise<Blob | null> {
  const scale = Math.min(1, side / Math.max(image.width, image.height));
  const canvas = document.createElement('canvas');
  canvas.width = Math.max(1, Math.round(image.width * scale));
  canvas.height = Math.max(1, Math.round(image.height * scale));
  canvas.getContext('2d')?.drawImage(image, 0, 0, canvas.width, canvas.height);
  return new Promise((resolve) => canvas.toBlob(resolve, 'image/jpeg', quality));
}
