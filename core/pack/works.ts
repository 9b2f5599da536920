/** What is done to a layer when the filter is opened. */
export const WORKS = ['squeeze', 'rinse', 'replace', 'recharge'] as const;
