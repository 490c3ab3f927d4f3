/** The largest file that is read, and the most fixtures that a home may hold. */
export const MOST_FILE_BYTES = 5_000_000;
export const MOST_FIXTURES = 5000;
