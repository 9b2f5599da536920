// @vitest-environment happy-dom
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';

/** Stands in for the browser’s workers: none of them ever answers, and each can be broken. */
class SilentWorker extends EventTarget {
  static made: SilentWorker[] = [];
  terminated = false;
  constructor() {
    super();
    SilentWorker.made.push(this);
  }
  postMessage(): void {
    // It never answers.
  }
  terminate(): void {
    this.terminated = true;
  }
  break(): void {
    this.dispatchEvent(Object.assign(new Event('error'), { message: 'It cannot be loaded.' }));
  }
}

beforeEach(() => {
  SilentWorker.made = [];
  vi.resetModules();
  vi.stubGlobal('Worker', SilentWorker);
});
afterEach(() => vi.unstubAllGlobals());

describe('askWorker', () => {
  it('keeps one worker for each place', async () => {
    const { askWorker } = await import('./forecastWorkers');
    void askWorker('quick', () => Promise.resolve(1));
    void askWorker('quick', () => Promise.resolve(2));
    void askWorker('long', () => Promise.resolve(3));
    expect(SilentWorker.made).toHaveLength(2);
  });

  it('rejects what was asked of a worker that breaks, and gets a new one for the next question', async () => {
    const { askWorker } = await import('./forecastWorkers');
    const never = askWorker('quick', () => new Promise<number>(() => undefined));
    SilentWorker.made[0]?.break();
    await expect(never).rejects.toThrow(/worker|loaded/i);
    expect(SilentWorker.made[0]?.terminated).toBe(true);
    await expect(askWorker('quick', () => Promise.resolve(4))).resolves.toBe(4);
    expect(SilentWorker.made).toHaveLength(2);
  });
});
