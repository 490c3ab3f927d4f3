import { describe, expect, it } from 'vitest';
import { longStretch } from './long-stretch';

const saturday = { weekday: 6, from: '09:00', to: '17:00' };

describe('hours that run on for long', () => {
  it('are answered with what people manage, and offered with a meal in the middle', () => {
    const answer = longStretch([{ weekday: 2, from: '18:00', to: '20:00' }, saturday])!;
    expect(answer.words).toMatch(/^Saturday has 8 h in one stretch\./);
    expect(answer.withMeal).toEqual([
      { weekday: 2, from: '18:00', to: '20:00' },
      { weekday: 6, from: '09:00', to: '12:30' },
      { weekday: 6, from: '13:30', to: '17:00' },
    ]);
    // Taken up, there is nothing left to say.
    expect(longStretch(answer.withMeal)).toBeUndefined();
  });

  it('say nothing of evenings, nor of a morning of five hours', () => {
    expect(longStretch([{ weekday: 6, from: '08:00', to: '13:00' }])).toBeUndefined();
    expect(longStretch([])).toBeUndefined();
  });
});
