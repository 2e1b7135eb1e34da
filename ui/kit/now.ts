/** This moment, for pages made on the server. */
export const now = (): number => Date.now();
