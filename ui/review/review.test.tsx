// @vitest-environment happy-dom
import { cleanup, fireEvent, render, screen, within } from '@testing-library/react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { presetFilter } from '@/core/filter/presetFilter';
import { plainLayer } from '@/core/layers/plainLayer';
import { aloneOn } from '@/core/report/surroundings';
import { evaluatePack } from '@/core/report/evaluatePack';
import { newTank } from '@/core/tank/newTank';
import type { PackBench } from '../bench/usePackBench';
import { FlowLineProvider } from '../flow-line/FlowLineContext';
import type { PackEditing } from '../state/usePackEditing';
import { ThreePiles } from './ThreePiles';
import { usePiles } from './usePiles';
import { EvidenceLine } from './EvidenceLine';

afterEach(cleanup);

const filter = presetFilter('canister-down-flow', { id: 'f', tankId: 't' }, 'Test');
const layers = [
  { ...plainLayer('foam', 'foam-30', 'tray-4', 0.08), dirt: 'loaded' as const },
  {
    ...plainLayer('stone', 'lava', 'tray-3', 0.08),
    holder: 'wrapper' as const,
    treatment: 'throw away' as const,
  },
];
const input = { ...aloneOn(newTank('t', 'Test', 0.1)), filter, layers, flow: null };
const report = evaluatePack(input);
const edit = vi.fn();
const set = (layerId: string, treatment: string) => ({ type: 'set', layerId, change: { treatment } });
const editing = { layers, visits: [], edit } as unknown as PackEditing;

describe('three piles', () => {
  const bench = { editing, input, report, select: vi.fn(), selectedId: null } as unknown as PackBench;
  const Piles = () => {
    const piles = usePiles(bench);
    return (
      <>
        <ThreePiles bench={bench} piles={piles} />
        <button onClick={piles.settle}>on</button>
        <button onClick={() => piles.lay('stone', 'goes back')}>back</button>
        <button onClick={() => piles.lay('foam', 'spare')}>aside</button>
      </>
    );
  };

  it('lies as advised, and is the keeper’s to change', () => {
    render(<Piles />);
    const back = screen.getByRole('list', { name: 'Goes back' });
    const foam = within(back).getByRole<HTMLSelectElement>('combobox', { name: /layer 1/ });
    expect(foam.value).toBe('squeeze');
    expect(screen.queryByRole('list', { name: 'Spare' })).toBeNull();
    expect(screen.getByText('in the bin', { exact: false })).toBeTruthy();
    fireEvent.change(foam, { target: { value: 'throw away' } });
    expect(edit).toHaveBeenLastCalledWith(set('foam', 'throw away'));
  });

  it('is laid by hand: what goes back goes back as advised, or else as it is', () => {
    render(<Piles />);
    fireEvent.click(screen.getByRole('button', { name: 'back' }));
    expect(edit).toHaveBeenLastCalledWith(set('stone', 'keep'));
    fireEvent.click(screen.getByRole('button', { name: 'aside' }));
    expect(edit).toHaveBeenLastCalledWith(set('foam', 'spare'));
  });

  it('stores the advice for what was left as it lay, and only for that', () => {
    render(<Piles />);
    fireEvent.click(screen.getByRole('button', { name: 'on' }));
    expect(edit).toHaveBeenLastCalledWith({ type: 'all', edits: [set('foam', 'squeeze')] });
  });
});

describe('the pack as found', () => {
  it('names the findings of each layer to those who do not see it', () => {
    render(
      <FlowLineProvider
        {...{ filter, report, editing }}
        selectedId={null}
        select={vi.fn()}
        sludge={null}
        ownMedia={[]}
      >
        <EvidenceLine findings={report.findings.filter(({ level }) => level !== 'note')} />
      </FlowLineProvider>,
    );
    expect(screen.getByRole('img').getAttribute('aria-label')).toMatch(/Lava.*: finding 1/);
  });
});
