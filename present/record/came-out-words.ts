import type { HowItCameOut } from '@/core/clean/names';

export const CAME_OUT_WORDS: Readonly<Record<HowItCameOut, string>> = {
  clean: 'Came out clean',
  part: 'Done in part',
  dirty: 'Still dirty',
};
