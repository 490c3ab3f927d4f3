import { describe, expect, it } from 'vitest';
import { isEnough, ROLES } from './roles';

describe('roles', () => {
  it('may what those before them may, and nothing of those behind', () => {
    const table = ROLES.map((role) => ROLES.map((asked) => isEnough(role, asked)));
    expect(table).toEqual([
      [true, false, false],
      [true, true, false],
      [true, true, true],
    ]);
  });
});
