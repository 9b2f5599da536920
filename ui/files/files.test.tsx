// @vitest-environment happy-dom
import { act, cleanup, fireEvent, render, screen } from '@testing-library/react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { MAX_FILE_BYTES } from '@/formats/fileLimits';
import { FileDrop } from './FileDrop';

vi.mock('next/navigation', () => ({ useRouter: () => ({ push: () => undefined }) }));
afterEach(cleanup);

const choose = async (text: string, size?: number) => {
  render(<FileDrop />);
  const file = new File([text], 'a.neatlayer.json', { type: 'application/json' });
  if (size !== undefined) Object.defineProperty(file, 'size', { value: size });
  await act(async () => {
    fireEvent.change(screen.getByLabelText('Neat Layer file'), { target: { files: [file] } });
    await Promise.resolve();
  });
  return screen.findByRole('alert');
};

describe('a file that is brought in', () => {
  it('is refused with what is wrong when it is none of ours', async () => {
    expect((await choose('{"a": 1}')).textContent).toMatch(/Nothing was added/);
  });

  it('is refused before it is read when it is too large', async () => {
    expect((await choose('{}', MAX_FILE_BYTES + 1)).textContent).toMatch(/larger than/);
  });
});
