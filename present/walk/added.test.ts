import { describe, expect, it } from 'vitest';
import { FIXTURE_KINDS, type FixtureKindName } from '@/core/catalogue/fixture-kinds';
import { roomsOf } from '@/core/home/room';
import { juniperRow } from '@/demo/juniper-row';
import { added } from './added';
import { placeOf, roomAfter } from './room-model';

const room = roomsOf(juniperRow('2027-03-01').home).find((found) => found.id === 'bathroom')!;

describe('where a new thing goes', () => {
  const where = (kind: FixtureKindName, meant?: string) => {
    const ids = ['new', 'own'];
    const after = roomAfter(room, added(room, kind, meant, () => ids.shift()!).change);
    return placeOf(after, 'new')?.stop;
  };

  it('is the stop that is open', () => {
    expect(where('plants', 'bathroom-4')?.id).toBe('bathroom-4');
    expect(where('taps', 'bathroom-4')?.id).toBe('bathroom-4');
  });

  it('is the room itself for what is part of it, whatever is open', () => {
    expect(where('ceiling', 'bathroom-4')?.shell).toBe(true);
  });

  it('is where such a thing stands, by the kind of room or by what it stands beside', () => {
    expect(where('taps')?.name).toBe('Basin');
    expect(where('medicine-box')?.name).toBe('Basin');
    expect(where('sealant')?.name).toBe('Bath');
  });

  it('is a stop of its own for what has no place there, and never the last', () => {
    expect(where('plants')).toMatchObject({ id: 'own', name: FIXTURE_KINDS.plants.name });
    expect(where('plants', 'gone')).toMatchObject({ id: 'own' });
  });
});
