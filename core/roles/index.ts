export { atLeast, ROLES, type Role } from './roles.ts';
