import { describe, expect, it } from 'vitest';
import { pourOf } from './pour';

const say = (amount: number, unit: string) => `${amount} ${unit}`;
const pour = (amount: number, waterMl: number, vesselMl = 8000) =>
  pourOf({ vessel: 'bucket', amount, unit: 'ml', waterMl, vesselMl, say });

describe('one fill as it is drawn', () => {
  it('is as full as it is, in the smallest cap that holds the dose', () => {
    expect(pour(16, 4000)).toEqual({
      vessel: 'bucket',
      water: 0.5,
      dose: 0.8,
      waterWords: '4000 ml',
      doseWords: '16 ml',
      capWords: '20 ml',
    });
    expect(pour(20, 8000)).toMatchObject({ water: 1, dose: 1, capWords: '20 ml' });
    expect(pour(21, 8000)).toMatchObject({ capWords: '50 ml' });
  });

  it('never runs over', () => {
    expect(pour(3000, 9000)).toMatchObject({ water: 1, dose: 1, capWords: '3000 ml' });
  });
});
