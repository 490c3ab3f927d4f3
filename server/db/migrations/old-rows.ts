/** Rows as released versions wrote them; columns that a version did not have are left out. */

export const HOUSEHOLD = 'old-household';

type OldRow = {
  readonly table: string;
  /** The first and the last number of steps of a version that wrote it. */
  readonly since?: number;
  readonly until?: number;
  readonly row: Readonly<Record<string, unknown>>;
};

const owned = (table: string, row: OldRow['row'], when: Pick<OldRow, 'since' | 'until'> = {}): OldRow => ({
  table,
  ...when,
  row: { household_id: HOUSEHOLD, ...row },
});

export const OLD_ROWS: readonly OldRow[] = [
  { table: 'households', row: { id: HOUSEHOLD, name: 'Old', timezone: 'Europe/Berlin' } },
  owned('accounts', { id: 'a', email: 'mira@example.org', passphrase_hash: 'x' }),
  owned('floors', { id: 'ground', name: 'Ground floor', position: 0 }),
  owned('rooms', {
    id: 'bath',
    floor_id: 'ground',
    name: 'Bath',
    kind: 'bathroom',
    length_m: 2,
    width_m: 2,
    height_m: 2.4,
    ventilation: 'window',
    opens_to: '[]',
    position: 0,
  }),
  owned('stops', { id: 'at-basin', room_id: 'bath', name: 'Basin', shell: false, position: 0 }),
  owned('fixtures', {
    id: 'basin',
    stop_id: 'at-basin',
    kind: 'basin',
    height: 'middle',
    count: 2,
    size: '{}',
    soil: 'normal',
    fullness: 'empty',
    leave_it: false,
    position: 0,
  }),
  owned('members', {
    id: 'mira',
    name: 'Mira',
    hours: '[{"weekday":1,"from":"09:00","to":"12:00"}]',
    daily_cap: 180,
    cannot: '[]',
    dislikes: '{}',
    break_after: 60,
    break_length: 10,
    position: 0,
  }),
  owned('machines', { id: 'washer', kind: 'washer', runs_from: '08:00', runs_to: '20:00', position: 0 }),
  owned('weather', { date: '2027-03-04', dry: false }, { until: 10 }),
  owned('settings', { id: 'weather', value: '[{"date":"2027-03-04","dry":false}]' }, { since: 11 }),
  owned('cleans', {
    id: 'spring',
    name: 'Spring',
    reason: '',
    reward: 'Cake',
    start: '2027-03-01',
    finish: '2027-03-20',
    spread: 'early',
    grouping: 'room',
    hardest_first: true,
    first_job: 'dreaded',
    block: '{"kind":"fixed"}',
    open_rooms: 2,
    reserve: '[]',
    session_cap: 240,
    products: 'pantry',
    belongings: 'stop',
    estimates: 'rates',
  }),
  owned('ticks', { clean_id: 'spring', step: 'basin:basin-clean/scrub', at: '2027-03-02T09:00' }),
];
