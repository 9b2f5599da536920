/** The four questions by which a keeper judges a filter. */
export const QUESTIONS = ['through', 'clogs', 'bacteria', 'cost'] as const;
export type Question = (typeof QUESTIONS)[number];

/** As the plan asks them. */
export const QUESTION_WORDS: Readonly<Record<Question, string>> = {
  through: 'Does the water go through every layer and come out clear?',
  clogs: 'How long until it clogs?',
  bacteria: 'Is there enough surface for bacteria?',
  cost: 'What does it cost and weigh?',
};
