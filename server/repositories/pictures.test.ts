import { randomUUID } from 'node:crypto';
import type { Knex } from 'knex';
import { afterAll, beforeAll, beforeEach, describe, expect, inject, it } from 'vitest';
import { isJpeg, MOST_PICTURES, type Picture } from '../../core/clean/picture';
import { homeNamed } from '../../demo/dozen-homes';
import type { HouseholdScope } from '../db/scope';
import { newHousehold, testDatabase } from '../testing/households';
import { householdFile, insertHousehold } from './household';
import { addPicture, countPictures, dropPicture, listPictures, loadJpeg } from './pictures';

let db: Knex;
let scope: HouseholdScope;

beforeAll(async () => {
  process.env.DATABASE_URL = inject('databaseUrl');
  db = await testDatabase();
});
afterAll(() => db.destroy());
beforeEach(async () => {
  scope = await newHousehold(db);
});

const picture = (more: Partial<Picture> = {}): Picture => ({
  id: randomUUID(),
  at: '2027-03-01T10:00',
  room: 'kitchen',
  place: 'Kitchen',
  clean: 'clean',
  moment: 'before',
  ...more,
});
/** Begins and ends as a JPEG does. */
const jpeg = (length = 1000) => {
  const bytes = Buffer.alloc(length, 7);
  bytes.set([0xff, 0xd8, 0xff], 0);
  bytes.set([0xff, 0xd9], length - 2);
  return bytes;
};

describe('pictures', () => {
  it('are kept byte for byte, once, and read by their own household alone', async () => {
    const one = picture();
    expect(await addPicture(scope, one, jpeg())).toBe(true);
    expect(await addPicture(scope, one, jpeg())).toBe(true);
    expect(await listPictures(scope, 'clean')).toEqual([one]);
    expect(await loadJpeg(scope, one.id)).toEqual(jpeg());
    const other = await newHousehold(db);
    expect(await loadJpeg(other, one.id)).toBeUndefined();
    await dropPicture(other, one.id);
    expect(await countPictures(scope)).toBe(1);
    await dropPicture(scope, one.id);
    expect(await countPictures(scope)).toBe(0);
  });

  it('go along in a file where that is wanted, and come back beside those that are there', async () => {
    await insertHousehold(scope, homeNamed('no machines'));
    const one = picture();
    await addPicture(scope, one, jpeg());
    expect((await householdFile(scope)).pictures).toEqual([]);
    const file = await householdFile(scope, { withPictures: true });
    expect(file.pictures).toMatchObject([{ id: one.id, jpeg: jpeg().toString('base64') }]);
    const other = await newHousehold(db);
    await addPicture(other, picture({ id: 'own' }), jpeg(500));
    await insertHousehold(other, file);
    expect((await listPictures(other)).map(({ id }) => id).toSorted()).toEqual([one.id, 'own'].toSorted());
    expect(await loadJpeg(other, one.id)).toEqual(jpeg());
  });

  it('are no more than a household may have', async () => {
    for (let i = 0; i < MOST_PICTURES; i++) await scope.insert('pictures', [row(i)]);
    expect(await addPicture(scope, picture(), jpeg())).toBe(false);
    expect(await countPictures(scope)).toBe(MOST_PICTURES);
  });
});

function row(i: number) {
  const one = picture({ id: `picture-${i}` });
  return {
    id: one.id,
    at: one.at,
    room: one.room,
    clean_id: null,
    value: JSON.stringify(one),
    jpeg: jpeg(10),
  };
}

describe('a JPEG', () => {
  it('begins and ends as one; nothing else is kept', () => {
    expect(isJpeg(jpeg())).toBe(true);
    expect(isJpeg(jpeg().subarray(0, 500))).toBe(false);
    expect(isJpeg(Buffer.from('<svg onload="alert(1)"></svg>'))).toBe(false);
    expect(isJpeg(new Uint8Array())).toBe(false);
  });
});
