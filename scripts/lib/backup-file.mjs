// One file that holds all data: what the database says of itself, and the secret that belongs to it, sealed with a passphrase.
import { spawn } from 'node:child_process';
import { once } from 'node:events';
import { createReadStream, createWriteStream, renameSync, rmSync } from 'node:fs';
import { PassThrough, Readable, pipeline as through } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import { createGunzip, createGzip } from 'node:zlib';
import { Decrypter, Encrypter } from 'age-encryption';
import { Trouble } from './stage.mjs';

const KIND = 'early-thaw-backup';
const VERSION = 1;
/** The first line says what the file is; longer it never is. */
const MOST_HEAD = 4_096;
/** Work for whoever tries passphrases: a second or so for each. */
const WORK_FACTOR = 17;

const WRONG =
  'The file can’t be opened: it is no backup of Early Thaw, it is damaged, or the passphrase is another. Nothing was changed.';

/** Writes everything as it is at one moment, while the database runs; the file is there whole or not at all. */
export async function writeBackup({ url, secret, file, passphrase }) {
  const dump = mariadb('mariadb-dump', url, [
    '--single-transaction',
    '--quick',
    '--hex-blob',
    '--no-tablespaces',
    '--skip-dump-date',
    '--default-character-set=utf8mb4',
  ]);
  const head = JSON.stringify({ kind: KIND, version: VERSION, secret });
  const plain = new PassThrough();
  plain.write(`${head}\n`);
  dump.child.stdout.pipe(plain);
  const encrypter = new Encrypter();
  encrypter.setPassphrase(passphrase);
  encrypter.setScryptWorkFactor(WORK_FACTOR);
  const sealed = await encrypter.encrypt(Readable.toWeb(plain.pipe(createGzip())));
  const half = `${file}.half`;
  try {
    await pipeline(Readable.fromWeb(sealed), createWriteStream(half, { mode: 0o600, flags: 'wx' }));
    await dump.done();
    renameSync(half, file);
  } catch (error) {
    rmSync(half, { force: true });
    throw error;
  }
}

/** Opens a backup: its secret, and a stream of what the database is made from. Throws a sentence where it is none. */
export async function openBackup({ file, passphrase }) {
  try {
    const decrypter = new Decrypter();
    decrypter.addPassphrase(passphrase);
    const opened = await decrypter.decrypt(Readable.toWeb(createReadStream(file)));
    const plain = createGunzip();
    // What goes wrong on the way is found where it is read.
    through(Readable.fromWeb(opened), plain, () => undefined);
    return await headOf(plain);
  } catch {
    throw new Trouble(WRONG);
  }
}

async function headOf(plain) {
  let text = Buffer.alloc(0);
  const parts = plain[Symbol.asyncIterator]();
  while (!text.includes(10)) {
    const { value, done } = await parts.next();
    if (done || text.length > MOST_HEAD) throw new Error('There is no head.');
    text = Buffer.concat([text, value]);
  }
  const end = text.indexOf(10);
  const { kind, version, secret } = JSON.parse(text.subarray(0, end).toString('utf8'));
  if (kind !== KIND || version !== VERSION || typeof secret !== 'string')
    throw new Error('It is another file.');
  async function* rest() {
    yield text.subarray(end + 1);
    for (let part = await parts.next(); !part.done; part = await parts.next()) yield part.value;
  }
  return { secret, statements: Readable.from(rest()) };
}

/** Lets a database carry out the statements of a backup. */
export async function readIn({ url, statements }) {
  const client = mariadb('mariadb', url, ['--default-character-set=utf8mb4', '--binary-mode']);
  try {
    await pipeline(statements, client.child.stdin);
  } catch {
    client.child.kill();
    throw new Trouble(WRONG);
  }
  await client.done();
}

/** How many tables there are in a database. */
export async function countTables(url) {
  const client = mariadb('mariadb', url, ['--batch', '--skip-column-names']);
  client.child.stdin.end('SHOW TABLES');
  let words = '';
  for await (const part of client.child.stdout) words += part;
  await client.done();
  return words.trim() === '' ? 0 : words.trim().split('\n').length;
}

function mariadb(program, url, args) {
  const { hostname, port, username, password, pathname } = new URL(url);
  const child = spawn(
    program,
    [
      '--no-defaults',
      `--host=${hostname}`,
      `--port=${port || 3306}`,
      `--user=${decodeURIComponent(username)}`,
      ...args,
      decodeURIComponent(pathname.slice(1)),
    ],
    { env: { ...process.env, MYSQL_PWD: decodeURIComponent(password) }, stdio: ['pipe', 'pipe', 'pipe'] },
  );
  let words = '';
  child.stderr.on('data', (chunk) => {
    words = `${words}${chunk}`.slice(-2_000);
  });
  const ended = Promise.race([
    once(child, 'close').then(([code]) => code),
    once(child, 'error').then(([error]) => {
      words = error.message;
      return 1;
    }),
  ]);
  const done = async () => {
    if ((await ended) !== 0) throw new Trouble(`The database could not be asked.\n${words.trim()}`);
  };
  return { child, done };
}
