// @vitest-environment happy-dom
import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useState } from 'react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { presetFilter } from '@/core/filter/presetFilter';
import { plainLayer } from '@/core/layers/plainLayer';
import { defaultQuery } from '@/core/propose/defaultQuery';
import { judgePack } from '@/core/propose/judgePack';
import type { Considered } from '@/core/propose/search';
import { lossesOf, type Figures, type Objective } from '@/core/propose/objectives';
import { aloneOn } from '@/core/report/surroundings';
import { EMPTY_SHELF } from '@/core/shelf/shelf';
import { newTank } from '@/core/tank/newTank';
import { FrontChart, paretoFront } from './FrontChart';

afterEach(cleanup);

const filter = presetFilter('canister-down-flow', { id: 'f', tankId: 't' }, 'Test');
const layers = [plainLayer('p', 'foam-30', 'tray-4', 0.05)];
const tank = {
  ...newTank('t', 'Test', 0.1),
  feed: { amount: { by: 'weight', perDay: 1e-3 }, protein: 0.4 },
} as const;
const judged = judgePack(
  defaultQuery({ around: aloneOn(tank), filter, mine: [], today: [], shelf: EMPTY_SHELF }),
  layers,
  1,
);
/** A pack that is due after some days and lets so much dirt float, mg/L. */
const packOf = (service: number, fines: number, more: Partial<Figures> = {}): Considered => {
  const figures = { ...judged, service, fines: fines * 1e-3, ...more };
  return { layers, figures, losses: lossesOf(figures), isUsual: false };
};
const [long, even, clear, beaten] = [packOf(150, 4), packOf(70, 1), packOf(20, 0.2), packOf(60, 2)];
const PACKS = [beaten, clear, long, even];

/** The chart with the state that the panel keeps for it. */
function Steered({
  onChoose,
  x = 'service',
  y = 'clear',
}: {
  onChoose: (pack: Considered, share: number) => void;
  x?: Objective;
  y?: Objective;
}) {
  const [chosen, setChosen] = useState<Considered | null>(null);
  return (
    <FrontChart
      considered={PACKS}
      marked={[
        { letter: 'A', figures: even.figures },
        { letter: 'B', figures: even.figures },
      ]}
      mine={beaten.figures}
      {...{ x, y, chosen }}
      onChoose={(pack, share) => {
        setChosen(pack);
        onChoose(pack, share);
      }}
    />
  );
}

describe('frontOf', () => {
  it('goes from the best in the one wish to the best in the other, past what another beats in both', () => {
    expect(paretoFront(PACKS, 'service', 'clear')).toEqual([clear, even, long]);
    expect(paretoFront(PACKS, 'clear', 'service')).toEqual([long, even, clear]);
    expect(paretoFront([], 'service', 'clear')).toEqual([]);
  });
});

describe('FrontChart', () => {
  it('is moved along by the keys: to its ends, step by step, and never past them', async () => {
    const onChoose = vi.fn();
    render(<Steered onChoose={onChoose} />);
    const front = screen.getByRole('slider', { name: /^Best packs: next service against fine dirt/ });
    expect(front.getAttribute('aria-valuetext')).toBe('No pack chosen');
    expect(front.getAttribute('aria-valuemax')).toBe('3');
    front.focus();
    await userEvent.keyboard('{ArrowRight}');
    expect(onChoose).toHaveBeenLastCalledWith(even, 0.5);
    await userEvent.keyboard('{ArrowRight}{ArrowRight}');
    expect(onChoose).toHaveBeenLastCalledWith(long, 1);
    expect(front.getAttribute('aria-valuenow')).toBe('3');
    await userEvent.keyboard('{Home}');
    expect(onChoose).toHaveBeenLastCalledWith(clear, 0);
    await userEvent.keyboard('{End}{ArrowLeft}');
    expect(onChoose).toHaveBeenLastCalledWith(even, 0.5);
    // Words for those who do not see it, and below the chart for all: what the pack is and has.
    expect(front.getAttribute('aria-valuetext')).toMatch(
      /^next service about 10\sweeks, fine dirt in the water 1/,
    );
    expect(screen.getByText(/: 5\.0\scm medium foam \(30\sppi\)/)).toBeTruthy();
    const calls = onChoose.mock.calls.length;
    await userEvent.keyboard('x');
    expect(onChoose).toHaveBeenCalledTimes(calls);
  });

  it('tells of the pack under the pointer, and takes it where it is pressed', () => {
    const onChoose = vi.fn();
    const { container } = render(<Steered onChoose={onChoose} />);
    const front = screen.getByRole('slider');
    const dots = [...container.querySelectorAll('circle')].slice(0, PACKS.length);
    const [left, top] = ['cx', 'cy'].map((name) => Number(dots[0]!.getAttribute(name)));
    // The one that is beaten is no part of the front, and can be looked at all the same.
    fireEvent.pointerMove(front, { clientX: left! + 2, clientY: top! });
    expect(screen.getByText(/fine dirt in the water 2\.00/)).toBeTruthy();
    fireEvent.pointerLeave(front);
    expect(screen.queryByText(/fine dirt in the water 2\.00/)).toBeNull();
    fireEvent.click(front, { clientX: left! + 2, clientY: top! });
    expect(onChoose).toHaveBeenLastCalledWith(beaten, 0.5);
    fireEvent.click(front, { clientX: 1, clientY: 1 });
    expect(onChoose).toHaveBeenCalledTimes(1);
  });

  it('draws what is better farther to the right and higher up, and marks that meet beside each other', () => {
    const { container } = render(<Steered onChoose={vi.fn()} />);
    const places = new Map(
      [...container.querySelectorAll('circle')]
        .slice(0, PACKS.length)
        .map((dot, index) => [
          PACKS[index],
          [Number(dot.getAttribute('cx')), Number(dot.getAttribute('cy'))],
        ]),
    );
    expect(places.get(long)![0]).toBeGreaterThan(places.get(clear)![0]!);
    expect(places.get(clear)![1]).toBeLessThan(places.get(long)![1]!);
    const [a, b] = ['A', 'B'].map((letter) =>
      screen
        .getByText(letter)
        .parentElement!.getAttribute('transform')!
        .match(/[\d.]+/g)!
        .map(Number),
    );
    expect(Math.hypot(a![0]! - b![0]!, a![1]! - b![1]!)).toBeGreaterThan(15);
    expect(screen.getByText('your plan')).toBeTruthy();
  });

  it('draws no pack farther to the right for being shut for more than half a year', () => {
    const late = [packOf(200, 1), packOf(300, 0.5)];
    const { container } = render(
      <FrontChart
        considered={[...late, clear]}
        marked={[]}
        mine={null}
        x="service"
        y="clear"
        chosen={null}
        onChoose={vi.fn()}
      />,
    );
    const [first, second] = [...container.querySelectorAll('circle')].map((dot) => dot.getAttribute('cx'));
    expect(first).toBe(second);
  });
});
