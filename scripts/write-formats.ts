// Writes docs/formats: the JSON Schemas from the Zod schemas, and the examples from the demo household.
import { mkdirSync, writeFileSync } from 'node:fs';
import { formatFiles } from '../cli/format-files';

for (const [path, content] of formatFiles()) {
  const file = new URL(`../docs/formats/${path}`, import.meta.url);
  mkdirSync(new URL('.', file), { recursive: true });
  writeFileSync(file, content);
}
