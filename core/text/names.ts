// Names of things on a list, by whatever hand they were typed.
const called = (name: string) => name.trim().toLowerCase().replaceAll(/\s+/g, ' ');

export const isSameName = (a: string, b: string): boolean => called(a) === called(b);
