import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { redirect } from 'next/navigation';
import { describe, expect, it } from 'vitest';
import { answered } from './answered';

const APP = join(import.meta.dirname, '..');

describe('a route', () => {
  it('says so in a sentence where something it needs is out of reach', async () => {
    const route = answered(async (request: Request) => {
      throw new Error(`connect ECONNREFUSED for ${request.url}`);
    });
    const answer = await route(new Request('http://localhost/api/record'));
    expect(answer.status).toBe(503);
    expect(answer.headers.get('retry-after')).toBe('5');
    expect(await answer.text()).toMatch(/^That did not work just now, and nothing was changed\./);
  });

  it('leads elsewhere, and answers as it would', async () => {
    const leading = answered(async () => redirect('/walk'));
    await expect(leading()).rejects.toMatchObject({ digest: expect.stringContaining('/walk') });
    const answering = answered(async (word: string) => new Response(word, { status: 201 }));
    const answer = await answering('kept');
    expect([answer.status, await answer.text()]).toEqual([201, 'kept']);
  });

  it('is one of these wherever it needs the database', () => {
    const routes = readdirSync(APP, { encoding: 'utf8', recursive: true }).filter((path) =>
      path.endsWith('route.ts'),
    );
    const bare = routes.filter((path) => {
      const text = readFileSync(join(APP, path), 'utf8');
      const methods = text.match(/^export (?:const|async function|function) [A-Z]+\b/gm) ?? [];
      expect(methods.length, path).toBeGreaterThan(0);
      return methods.length !== (text.match(/= answered\(/g) ?? []).length;
    });
    expect(bare.sort()).toEqual(['health/ready/route.ts', 'health/route.ts']);
  });
});
