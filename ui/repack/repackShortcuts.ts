import type { Shortcut } from '../state/useKeys';
import type { RepackSteps } from './useRepackSteps';

const isButton = (event: KeyboardEvent): boolean => event.target instanceof HTMLButtonElement;

/**
 * The keys of a repack.
 *
 * @param canBeDone the step can be marked done by the space bar; else that is the timer’s key
 */
export const repackShortcuts = (
  { current, at, goOn, goTo }: Pick<RepackSteps, 'current' | 'at' | 'goOn' | 'goTo'>,
  canBeDone: boolean,
): Shortcut[] => [
  {
    keys: 'Space',
    does: canBeDone ? 'mark this step done' : 'start and stop the timer',
    matches: (event) => event.key === ' ' && canBeDone && !isButton(event),
    run: goOn,
  },
  {
    keys: '→',
    does: 'mark this step done',
    matches: (event) => event.key === 'ArrowRight' && current !== null,
    run: goOn,
  },
  {
    keys: '← or Backspace',
    does: 'go back one step',
    matches: (event) => event.key === 'ArrowLeft' || event.key === 'Backspace',
    run: () => goTo(at - 1),
  },
];
