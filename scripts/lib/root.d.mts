/** The folder of the product. */
export const root: string;
