import { describe, expect, it } from 'vitest';
import { presetFilter } from '../filter/presetFilter';
import { plainLayer } from '../layers/plainLayer';
import { cautions } from './cautions';

// Source: the usual cautions of the trade (common practice, no source).
describe('cautions', () => {
  const canister = presetFilter('canister-down-flow', { id: 'f', tankId: 't' }, 'Test');
  const internal = presetFilter('internal-sponge', { id: 'f', tankId: 't' }, 'Test');

  it('says plug first, always, and siphon where there is one', () => {
    expect(cautions(canister, [], 'opening')[0]).toMatch(/^Unplug the filter/);
    expect(cautions(canister, [], 'opening').join(' ')).toMatch(/siphon/);
    expect(cautions(internal, [], 'opening').join(' ')).not.toMatch(/siphon/);
  });

  it('warns of dust only where something dusty is handled', () => {
    expect(
      cautions(internal, [plainLayer('a', 'foam-30', 'sponge', 0.02)], 'handling').join(' '),
    ).not.toMatch(/dust/);
    expect(cautions(canister, [plainLayer('a', 'carbon', 'tray-1', 0.02)], 'handling').join(' ')).toMatch(
      /dust/,
    );
  });

  it('never lets a pump run dry', () => {
    expect(cautions(internal, [], 'closing').join(' ')).toMatch(/Never run the pump dry/);
  });
});
