/** A name of several words as it is said: "low-back" is "low back". */
export const spaced = (name: string): string => name.replaceAll('-', ' ');
