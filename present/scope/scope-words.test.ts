import { describe, expect, it } from 'vitest';
import type { ProductChoice } from '@/core/products/product-choice';
import type { Scope } from '@/core/scope/scope';
import { productWords } from './product-words';
import { scopeWords } from './scope-words';

const scope = (says: Partial<Scope>): Scope => ({
  in: true,
  by: 'usual',
  priority: 'should',
  matters: false,
  dreaded: false,
  hardness: 2,
  ...says,
});

describe('whether something is in', () => {
  it('is told with why and with who decided it', () => {
    expect(scopeWords(scope({}))).toBe('in');
    expect(scopeWords(scope({ by: 'room' }))).toBe('in, for the whole room');
    expect(scopeWords(scope({ in: false, by: 'kind' }))).toBe('out: left out, for all work of this kind');
    expect(scopeWords(scope({ in: false, by: 'task', reason: 'redone' }))).toBe('out: redone lately');
    expect(scopeWords(scope({ in: false, reason: 'left' }))).toBe('out: left this time, on the walk');
    expect(scopeWords(scope({ in: false, reason: 'occasional' }))).toBe(
      'out: only now and then, where it is needed',
    );
  });
});

describe('what a task is done with', () => {
  const vinegar = { product: 'vinegar', amount: 20, unit: 'ml' } as const;
  const bleach = { product: 'chlorine-bleach', amount: 20, unit: 'ml' } as const;
  const choice = (says: Partial<ProductChoice>): ProductChoice => ({
    wanted: 'pantry',
    school: 'pantry',
    doses: [],
    ...says,
  });

  it('is nothing to speak of where nothing is used', () => {
    expect(productWords(choice({}))).toBeUndefined();
  });

  it('names what is used, what disinfects last', () => {
    expect(productWords(choice({ doses: [vinegar] }))).toMatch(/^With [a-z, ]*vinegar[a-z, ]*\.$/);
    expect(productWords(choice({ doses: [vinegar], disinfectant: bleach }))).toMatch(
      /^With .*vinegar.* and .*bleach.*\.$/,
    );
  });

  it('says why it is not what was asked for', () => {
    expect(productWords(choice({ swap: { why: 'none' } }))).toBe(
      'With water and a cloth. The school you chose has nothing for this, so it is the nearest that has.',
    );
    const harmed = { why: 'surface', clash: 'x', product: 'vinegar' } as const;
    expect(productWords(choice({ swap: harmed }))).toMatch(/vinegar.* would harm this surface/i);
    expect(productWords(choice({ swap: { ...harmed, why: 'near' } }))).toMatch(
      /must not meet what else is used in this room/,
    );
  });
});
