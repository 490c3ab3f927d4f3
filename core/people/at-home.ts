/** When somebody is at home besides the hours of work: what runs by itself and must not be left alone may run then. */
export const AT_HOME = {
  evenings: { from: '18:00', to: '23:00' },
  'most of the day': { from: '07:00', to: '23:00' },
} as const;
export type AtHome = keyof typeof AT_HOME;
export const AT_HOME_NAMES = Object.keys(AT_HOME) as [AtHome, ...AtHome[]];
