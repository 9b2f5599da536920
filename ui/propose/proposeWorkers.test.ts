// @vitest-environment happy-dom
import { afterEach, beforeEach, expect, it, vi } from 'vitest';

/** Stands in for the browser’s workers: notes what each is sent. */
const sent: unknown[][] = [];
class NotingWorker extends EventTarget {
  private readonly own: unknown[] = [];
  constructor() {
    super();
    sent.push(this.own);
  }
  postMessage(message: { readonly path: readonly string[] }): void {
    this.own.push(message.path.join('.'));
  }
}

beforeEach(() => {
  sent.length = 0;
  vi.resetModules();
  vi.stubGlobal('Worker', NotingWorker);
});
afterEach(() => vi.unstubAllGlobals());

it('begins both workers ahead of the first question, once', async () => {
  const { readyProposers } = await import('./proposeWorkers');
  readyProposers();
  readyProposers();
  expect(sent).toEqual([['rehearse'], ['rehearse']]);
});

it('leaves a worker alone that is searching', async () => {
  const { askProposer, readyProposers } = await import('./proposeWorkers');
  void askProposer('left', (remote) => remote.next());
  readyProposers();
  expect(sent).toEqual([['next'], ['rehearse']]);
});
