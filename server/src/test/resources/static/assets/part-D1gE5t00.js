export const part = "of the front end";
