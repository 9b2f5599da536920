// @vitest-environment happy-dom
import { act, cleanup, render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import type { ReactNode } from 'react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { presetFilter } from '@/core/filter/presetFilter';
import type { PackedStep } from '@/core/job/job';
import { plainLayer } from '@/core/layers/plainLayer';
import { wentIn } from '@/core/repack/wentIn';
import { flowAfter } from '@/core/repack/flowAfter';
import { repackSteps } from '@/core/repack/repackSteps';
import { aloneOn } from '@/core/report/surroundings';
import { evaluatePack } from '@/core/report/evaluatePack';
import { newTank } from '@/core/tank/newTank';
import { UnitsProvider } from '../fields/UnitsProvider';
import { Deviation } from './Deviation';
import { FlowAfterPart } from './FlowAfterPart';
import { HoldsPart } from './HoldsPart';
import { StepList } from './StepList';
import { StepTimer } from './StepTimer';

afterEach(cleanup);

const filter = presetFilter('hang-on-back-basket', { id: 'f', tankId: 't' }, 'Test');
const layers = [
  plainLayer('coarse', 'foam-15', 'basket', 0.03),
  plainLayer('stone', 'sintered-glass', 'basket', 0.05),
];
const around = aloneOn(newTank('t', 'Test', 0.06));
const report = evaluatePack({ ...around, filter, layers, flow: null });
const put = (layerId: string, change: Partial<PackedStep> = {}): PackedStep => ({
  layerId,
  at: '2026-11-25T14:00:00.000Z',
  thickness: null,
  mass: null,
  note: '',
  ...change,
});
const show = (part: ReactNode) =>
  render(
    <UnitsProvider habits={{ system: 'metric', locale: 'en-GB', currency: 'EUR' }}>{part}</UnitsProvider>,
  );
const holds = (packed: readonly PackedStep[]) =>
  show(
    <HoldsPart
      plan={{ ...around, filter, layers, flow: null, found: [] }}
      packed={packed}
      went={wentIn(filter, layers, packed)}
    />,
  );

describe('the pack as it went in', () => {
  it('says that it is as planned, and what was not ticked', () => {
    holds([put('coarse')]);
    expect(screen.getByText('You packed it as planned.')).toBeTruthy();
    expect(screen.getByText(/Not ticked, so taken as planned: Sintered glass/)).toBeTruthy();
  });

  it('says what fitted of what was planned, and what that changes', () => {
    const planned = report.layers.find(({ layerId }) => layerId === 'stone')!.dryMass;
    holds([put('coarse'), put('stone', { mass: 0.8 * planned })]);
    expect(screen.getByText('You packed it differently, and that is fine.')).toBeTruthy();
    expect(screen.getByText(/Sintered glass.*4\.0.cm, planned.5\.0.cm/)).toBeTruthy();
    expect(screen.getByText(/0\.26.kg of.0\.33.kg packed/)).toBeTruthy();
  });

  it('says what speaks against it', () => {
    holds([put('coarse'), put('stone', { thickness: 0.12 })]);
    expect(screen.getByText(/causes a problem/)).toBeTruthy();
    expect(screen.getByText(/of media above the fill limit/)).toBeTruthy();
  });
});

describe('the flow after', () => {
  const after = (share: number) => {
    const { predicted } = flowAfter(filter, layers, new Set(), 25, 1e-4).fit;
    const measured = share * predicted;
    show(
      <FlowAfterPart
        filter={filter}
        packed={layers}
        found={[]}
        celsius={25}
        measured={measured}
        before={0.8 * predicted}
      />,
    );
  };

  it('agrees in one line, with the flow before', () => {
    after(1);
    expect(screen.getByText(/as predicted/)).toBeTruthy();
    expect(screen.getByText(/Before the repack/)).toBeTruthy();
    expect(screen.queryByText('Most likely cause first')).toBeNull();
  });

  it('says why it may differ, likeliest first', () => {
    after(0.2);
    expect(screen.getByText(/less than predicted/)).toBeTruthy();
    expect(screen.getAllByRole('listitem')[0]?.textContent).toMatch(/^1\. The strainer or the intake sponge/);
  });
});

describe('the timer of a step', () => {
  beforeEach(() => vi.useFakeTimers({ now: new Date('2026-11-27T10:00:00Z') }));
  afterEach(() => vi.useRealTimers());

  it('is started by hand', () => {
    const start = vi.fn();
    show(<StepTimer seconds={600} startedAt={null} onStart={start} />);
    act(() => screen.getByRole('button', { name: /Start the timer, 10.min/ }).click());
    expect(start).toHaveBeenCalledWith(true);
  });

  it('counts down, takes no notice of a clock that is set, and says when the time is up', () => {
    show(<StepTimer seconds={600} startedAt="2026-11-27T09:58:00Z" onStart={() => undefined} />);
    act(() => void vi.advanceTimersByTime(1000));
    expect(screen.getByRole('timer').textContent).toMatch(/^7:59$|^8:00$/);
    vi.setSystemTime(new Date('2026-11-26T10:00:00Z'));
    act(() => void vi.advanceTimersByTime(60_000));
    expect(screen.getByRole('timer').textContent).toMatch(/^(6:59|7:00)$/);
    act(() => void vi.advanceTimersByTime(8 * 60_000));
    expect(screen.getByRole('timer').textContent).toBe('0:00');
    expect(screen.getByRole('status').textContent).toBe('The time is up.');
  });
});

describe('what differs from the plan', () => {
  it('is weighed against what was planned, and saved with the layer', async () => {
    const onPut = vi.fn();
    const user = userEvent.setup();
    const planned = {
      id: 'p',
      filterId: 'f',
      role: 'planned' as const,
      name: 'Plan',
      layers,
      visits: [],
    };
    show(<Deviation filter={filter} layerId="stone" packed={undefined} planned={planned} onPut={onPut} />);
    await user.click(screen.getByRole('button', { name: 'Enter a difference' }));
    expect(screen.getByText(/Planned: 0\.33.kg dry/)).toBeTruthy();
    await user.type(screen.getByLabelText('Weighed dry'), '0.25');
    await user.click(screen.getByRole('button', { name: 'Save and mark as in' }));
    expect(onPut).toHaveBeenCalledWith(
      expect.objectContaining({ layerId: 'stone', mass: 0.25, thickness: null }),
    );
  });
});

describe('all steps', () => {
  it('stand part by part, layers numbered in packing order, each with its own box', async () => {
    const steps = repackSteps({
      filter,
      layers,
      measures: report,
      firstPack: true,
      isOpen: false,
      hasMature: false,
      matureLeaves: null,
      newTank: null,
      unprepared: 0,
      replace: ['impeller'],
      lampFrom: null,
      footMissing: false,
      flowSubmerged: null,
    });
    const onTick = vi.fn();
    show(
      <StepList
        steps={steps}
        layersIn={1}
        layers={layers}
        packed={[put('coarse', { note: 'Cut thinner.' })]}
        currentKey="pack/stone"
        isDone={({ layerId }) => layerId === 'coarse'}
        onTick={onTick}
        onChoose={() => undefined}
      />,
    );
    expect(screen.getByText('Pack in this order · 1 of 2 in')).toBeTruthy();
    expect(screen.getByText(/Cut thinner\./)).toBeTruthy();
    const boxes = screen.getAllByRole('checkbox').map((box) => box.getAttribute('aria-label'));
    expect(boxes).toContain('2: Sintered glass, 12 mm is in');
    expect(new Set(boxes).size).toBe(boxes.length);
    await userEvent.click(screen.getByRole('checkbox', { name: '2: Sintered glass, 12 mm is in' }));
    expect(onTick).toHaveBeenCalledWith(expect.objectContaining({ layerId: 'stone' }), true);
  });
});
