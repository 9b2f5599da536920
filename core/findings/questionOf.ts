/** The four questions by which a keeper judges a filter. */
export const QUESTIONS = ['through', 'clogs', 'bacteria', 'cost'] as const;
export type Question = (typeof QUESTIONS)[number];

/** Rules whose findings belong to another question than whether the water goes through every layer. */
const QUESTION_BY_RULE: Readonly<Record<string, Question>> = {
  'blocked-layer': 'clogs',
  'blocked-spill': 'clogs',
  'circulation-aim': 'clogs',
  'floss-first': 'clogs',
  'full-top-tray': 'clogs',
  'dirty-downstream': 'clogs',
  'worn-piece': 'clogs',
  'foam-grade': 'bacteria',
  'foam-only': 'bacteria',
  'internal-foam': 'bacteria',
  'most-mature-leaves': 'bacteria',
  'one-for-all': 'bacteria',
  'plastic-particles': 'bacteria',
  'sponge-alone': 'bacteria',
  'weak-biological-media': 'bacteria',
  'zeolite-stays': 'bacteria',
  'carbon-on-tap': 'cost',
  'monthly-deep': 'cost',
  'spent-medium': 'cost',
};

/** The question that a finding belongs to, by its rule. */
export const questionOf = (rule: string): Question => QUESTION_BY_RULE[rule] ?? 'through';
