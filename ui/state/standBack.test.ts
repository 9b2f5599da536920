import { expect, it, vi } from 'vitest';
import { yieldToForeground, whenForegroundIdle } from './standBack';

/** Work that ends when the test says so. */
function work() {
  let [well, badly]: [() => void, () => void] = [() => undefined, () => undefined];
  const done = new Promise<void>((resolve, reject) => {
    well = resolve;
    badly = () => reject(new Error('It broke.'));
  });
  return { done, well, badly };
}
const aTurn = () => new Promise((resolve) => setTimeout(resolve));

it('lets long work go on at once where the keeper waits for nothing', async () => {
  await expect(whenForegroundIdle()).resolves.toBeUndefined();
});

it('holds long work until all that the keeper waits for is done, well or badly', async () => {
  const [first, second] = [work(), work()];
  yieldToForeground(first.done);
  const went = vi.fn();
  void whenForegroundIdle().then(went);
  // What is begun meanwhile is waited for too.
  yieldToForeground(second.done);
  first.well();
  await aTurn();
  expect(went).not.toHaveBeenCalled();
  second.badly();
  await aTurn();
  expect(went).toHaveBeenCalledOnce();
});
