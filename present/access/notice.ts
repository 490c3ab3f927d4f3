import { isEnough, type Role } from '@/core/household/roles';

/** Pages on which only some may change things, by how their addresses begin, and who that is. */
const CHANGED_BY: readonly (readonly [path: string, role: Role])[] = [
  ['/files', 'keeper'],
  ...[
    '/aim',
    '/walk',
    '/hours',
    '/scope',
    '/order',
    '/people',
    '/spread',
    '/what-if',
    '/catalogue',
    '/week',
  ].map((path) => [path, 'planner'] as const),
  ['/almanac/today', 'helper'],
  ['/almanac', 'planner'],
];

const WORDS: Readonly<Record<Role, string>> = {
  keeper:
    'You can look at all of this. Taking in or handing out the household’s file is for those who keep house; tables and calendars are yours as well.',
  planner:
    'You can look at all of this. Those who keep house or help plan change it; yours are the day, pictures and the shopping list.',
  helper: '',
};

/** What somebody is told at the top of a page whose controls are not theirs; undefined where they are. */
export function noticeFor(path: string, role: Role): string | undefined {
  const found = CHANGED_BY.find(([start]) => path === start || path.startsWith(`${start}/`));
  return found && !isEnough(role, found[1]) ? WORDS[found[1]] : undefined;
}
