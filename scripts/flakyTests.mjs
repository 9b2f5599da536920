/**
 * @typedef {object} Suite
 * @property {string} title
 * @property {Suite[]} [suites]
 * @property {{ title: string, tests: { status: string }[] }[]} [specs]
 */

/**
 * The browser tests that passed only when they were tried once more, each with the file and groups it stands in.
 *
 * @param {readonly Suite[]} suites of Playwright's JSON report
 * @param {readonly string[]} [within]
 * @returns {string[]}
 */
export function flakyTests(suites, within = []) {
  return suites.flatMap((suite) => {
    const place = [...within, suite.title];
    const own = (suite.specs ?? [])
      .filter(({ tests }) => tests.some(({ status }) => status === 'flaky'))
      .map(({ title }) => [...place, title].join(' › '));
    return [...own, ...flakyTests(suite.suites ?? [], place)];
  });
}
