import type { Role } from '@/core/household/roles';

/** What somebody is in a household. */
export const ROLE_WORDS: Readonly<Record<Role, string>> = {
  keeper: 'Keeps house',
  planner: 'Helps plan',
  helper: 'Helps on the day',
};

/** What each may, beside what those below it may. */
export const ROLE_USES: Readonly<Record<Role, string>> = {
  keeper: 'accounts, links, the household’s file, and all that others may',
  planner: 'rooms, people, products, the plan, and all that is done on the day',
  helper: 'the day, pictures, the shopping list; looks at all of it',
};

/** What somebody is told who may not. */
export const NOT_YOURS: Readonly<Record<Role, string>> = {
  keeper: 'That is for those who keep house. Nothing was changed; ask one of them.',
  planner: 'That is for those who help plan. Nothing was changed; ask one of them, or whoever keeps house.',
  helper: 'That is for those who live in the household. Nothing was changed.',
};
