import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { describe, expect, it } from 'vitest';
import { MAY } from './may';

const APP = join(import.meta.dirname, '..');

/** Before anybody is in: at the door, and for those who came by a link of their own. */
const AT_THE_DOOR = [
  'signUp',
  'signIn',
  'askForLetter',
  'passkeyToEnter',
  'enterByPasskey',
  'recover',
  'join',
  'lookRound',
  'signOut',
];

/** The actions that pages can call: what files of actions for the browser export. */
function actions(): string[] {
  const folder = join(APP, 'actions');
  return readdirSync(folder)
    .filter((name) => name.endsWith('.ts') && !name.endsWith('.test.ts'))
    .map((name) => readFileSync(join(folder, name), 'utf8'))
    .filter((text) => text.startsWith("'use server'"))
    .flatMap((text) =>
      [...text.matchAll(/^export async function (\w+)/gm)].map(([, name]) => name as string),
    );
}

/** The routes of a household, by method. */
function routes(folder = 'api'): string[] {
  return readdirSync(join(APP, folder), { withFileTypes: true }).flatMap((item) => {
    const path = `${folder}/${item.name}`;
    if (item.isDirectory()) return routes(path);
    if (item.name !== 'route.ts') return [];
    const text = readFileSync(join(APP, path), 'utf8');
    return [...text.matchAll(/^export (?:const|async function) (GET|POST|PUT|PATCH|DELETE)\b/gm)].map(
      ([, method]) => `${method} /${folder}`,
    );
  });
}

describe('the table of who may what', () => {
  it('has a row for each action and each route, and for nothing else', () => {
    const wanted = [...actions().filter((name) => !AT_THE_DOOR.includes(name)), ...routes()];
    expect(wanted.length).toBeGreaterThan(50);
    expect(Object.keys(MAY).sort()).toEqual([...new Set(wanted)].sort());
  });

  it('is asked by the name of each action itself', () => {
    const folder = join(APP, 'actions');
    for (const name of readdirSync(folder).filter(
      (one) => one.endsWith('.ts') && !one.endsWith('.test.ts'),
    )) {
      const text = readFileSync(join(folder, name), 'utf8');
      for (const [, exported, body] of text.matchAll(/^export async function (\w+)([\s\S]*?)^}/gm))
        for (const [, asked] of (body as string).matchAll(/\b(?:act|ask)\(\s*'(\w+)'/g))
          expect(asked).toBe(exported);
    }
  });
});
