import { describe, expect, it } from 'vitest';
import { homeNamed } from '../../demo/dozen-homes';
import { CATALOGUE } from '../catalogue/catalogue';
import type { HouseholdFile } from '../household/household';
import { laundryDocument } from './laundry-document';

type Printed = {
  readonly loads: readonly { pieces: readonly { textile: string; count: number; room: string }[] }[];
};

describe('the wash as it is printed', () => {
  it('has every piece of every room, whatever shares a drum in the plan', () => {
    const large = homeNamed('twenty-two rooms') as HouseholdFile;
    const { loads } = laundryDocument(large, CATALOGUE) as Printed;
    const pieces = loads.flatMap((load) => load.pieces);
    const countIn = (textile: string) =>
      pieces.filter((piece) => piece.textile === textile).reduce((sum, { count }) => sum + count, 0);
    // Two mats in each of three bathrooms, four cushions in each of six rooms.
    expect(countIn('bath-mat')).toBe(6);
    expect(countIn('cushion-cover')).toBe(24);
    expect(new Set(pieces.flatMap(({ textile, room }) => (textile === 'bath-mat' ? [room] : [])))).toEqual(
      new Set(['Room 4', 'Room 12', 'Room 20']),
    );
  });
});
