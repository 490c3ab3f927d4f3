import { describe, expect, it } from 'vitest';
import { type Stretch, stretched } from './stretch-row';

const pressed = (...presses: number[]) =>
  presses.reduce<Stretch | undefined>((value, at) => stretched(value, at), undefined);

describe('presses along a row', () => {
  it('choose one, then what lies between, either way round', () => {
    expect(pressed(3)).toEqual({ first: 3, last: 3 });
    expect(pressed(3, 6)).toEqual({ first: 3, last: 6 });
    expect(pressed(6, 3)).toEqual({ first: 3, last: 6 });
  });

  it('take the only one back, and begin anew after two', () => {
    expect(pressed(3, 3)).toBeUndefined();
    expect(pressed(3, 6, 4)).toEqual({ first: 4, last: 4 });
  });
});
