/** Marks a query without whose answer its page has nothing to show, so that what was refused is said in its place. */
export const ofThePage = { page: true };
