// Ranks. Titles on the door are free text; what a person may do follows from one of three ranks.
export type Role = 'trainee' | 'keeper' | 'lead';
export const ROLES: readonly Role[] = ['trainee', 'keeper', 'lead'];

/** True when `role` is `needed` or above. @example atLeast('lead', 'keeper') === true */
export function atLeast(role: Role, needed: Role): boolean {
  return ROLES.indexOf(role) >= ROLES.indexOf(needed);
}
