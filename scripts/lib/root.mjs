import { dirname } from 'node:path';
import { fileURLToPath } from 'node:url';

/** The folder of the product. */
export const root = dirname(dirname(dirname(fileURLToPath(import.meta.url))));
