/** The four questions by which a keeper judges a filter. */
export const QUESTIONS = ['through', 'clogs', 'bacteria', 'cost'] as const;
export type Question = (typeof QUESTIONS)[number];
