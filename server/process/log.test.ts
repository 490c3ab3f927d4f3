import { mkdtempSync, readdirSync, readFileSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { pino } from 'pino';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { rotatingIn } from './log';

let folder: string;
beforeEach(() => {
  folder = mkdtempSync(join(tmpdir(), 'early-thaw-log-'));
});
afterEach(() => rmSync(folder, { recursive: true, force: true }));

const logs = () => readdirSync(folder).filter((name) => name.endsWith('server.log'));

describe('the log of a server', () => {
  it('begins another file once one is full, keeps the last few, and never fills the disk', async () => {
    const stream = rotatingIn(folder, '1K');
    const written = pino({ base: null }, stream);
    for (let turn = 0; turn < 12; turn++) {
      for (let line = 0; line < 12; line++) written.info({ turn, line }, 'a line of the log of a server');
      await new Promise<void>((done) => {
        stream.write('', () => done());
      });
    }
    await new Promise<void>((done) => {
      stream.end(() => done());
    });
    expect(logs().length).toBeGreaterThan(2);
    expect(logs().length).toBeLessThanOrEqual(6);
    expect(logs().every((name) => statSync(join(folder, name)).size < 4_096)).toBe(true);
    const last =
      readFileSync(join(folder, 'server.log'), 'utf8') ||
      readFileSync(join(folder, logs().sort().at(-2)!), 'utf8');
    expect(last).toContain('"turn":11');
  });

  it('goes on without where nothing can be written', async () => {
    const file = join(folder, 'a file in the place of the folder');
    writeFileSync(file, '');
    const stream = rotatingIn(file);
    const failed = new Promise<void>((done) => {
      stream.once('error', () => done());
    });
    const written = pino({ base: null }, stream);
    expect(() => written.info('still there')).not.toThrow();
    await failed;
    expect(() => written.info('and still')).not.toThrow();
  });
});
