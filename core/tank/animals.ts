/** Animals that change the advice. */
export const ANIMALS = ['fry', 'shrimp', 'strong flow', 'still water', 'dirty eaters'] as const;
