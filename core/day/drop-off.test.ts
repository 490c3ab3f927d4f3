import { expect, it } from 'vitest';
import { openingsOf, THE_OLD_STATION } from './drop-off';

it('is open on its weekdays, in their order', () => {
  expect(openingsOf(THE_OLD_STATION, '2027-03-01', '2027-03-07')).toEqual([
    { date: '2027-03-02', from: '16:00', to: '19:00' },
    { date: '2027-03-04', from: '16:00', to: '19:00' },
    { date: '2027-03-06', from: '09:00', to: '14:00' },
  ]);
});
