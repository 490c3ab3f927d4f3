const NAME = new Intl.DateTimeFormat('en-GB', { month: 'long', timeZone: 'UTC' });

/** January first. */
export const MONTHS: readonly string[] = Array.from({ length: 12 }, (_, month) =>
  NAME.format(new Date(Date.UTC(2027, month, 15))),
);
