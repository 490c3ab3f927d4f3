/** What somebody is in a household, the least first: each may do all that those before may. */
export const ROLES = ['helper', 'planner', 'keeper'] as const;
export type Role = (typeof ROLES)[number];

/** Whether a role is enough where another is asked for. */
export function isEnough(role: Role, asked: Role): boolean {
  return ROLES.indexOf(role) >= ROLES.indexOf(asked);
}
