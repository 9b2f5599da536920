import type { Medium, MediumRole } from './medium';

/** True when a medium can do this for the water. */
export const hasRole = (medium: Medium, role: MediumRole): boolean => medium.roles.includes(role);
