// @vitest-environment happy-dom
import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { presetFilter } from '@/core/filter/presetFilter';
import { plainLayer } from '@/core/layers/plainLayer';
import { aloneOn, evaluatePack } from '@/core/report/evaluatePack';
import { newTank } from '@/core/tank/newTank';
import type { PackBench } from '../bench/usePackBench';
import { FlowLineProvider } from '../flow-line/FlowLineContext';
import type { PackEditing } from '../state/usePackEditing';
import { AdviceList } from './AdviceList';
import { EvidenceLine } from './EvidenceLine';

afterEach(cleanup);

const filter = presetFilter('canister-down-flow', { id: 'f', tankId: 't' }, 'Test');
const layers = [
  { ...plainLayer('foam', 'foam-30', 'tray-4', 0.08), dirt: 'loaded' as const },
  { ...plainLayer('stone', 'lava', 'tray-3', 0.08), holder: 'wrapper' as const },
];
const input = { ...aloneOn(newTank('t', 'Test', 0.1)), filter, layers, flow: null };
const report = evaluatePack(input);
const edit = vi.fn();
const editing = { layers, visits: [], edit } as unknown as PackEditing;

describe('what is decided about each layer', () => {
  it('begins with the advice and its reason, and is the keeper’s to change', () => {
    const bench = { editing, input, report, select: vi.fn(), selectedId: null } as unknown as PackBench;
    render(<AdviceList bench={bench} />);
    const choices = screen.getAllByRole<HTMLSelectElement>('combobox');
    expect(choices).toHaveLength(layers.length);
    fireEvent.change(choices[0]!, { target: { value: 'throw away' } });
    expect(edit).toHaveBeenLastCalledWith({
      type: 'set',
      layerId: 'foam',
      change: { treatment: 'throw away' },
    });
    fireEvent.click(screen.getByRole('button', { name: /Accept the advice for 2 layers/ }));
    expect(edit.mock.calls.at(-1)?.[0]).toMatchObject({ type: 'all' });
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
