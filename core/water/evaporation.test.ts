import { describe, expect, it } from 'vitest';
import { evaporation, SURFACE_ACTIVITY, UNDER_LID, type Evaporating } from './evaporation';
import { latentHeat } from './latentHeat';
import { saturationPressure } from './saturationPressure';

const PLACE: Evaporating = {
  area: 0.2,
  water: 25,
  room: 22,
  humidity: 0.5,
  activity: SURFACE_ACTIVITY.still,
  lid: 1,
};
const litresADay = (place: Evaporating): number => evaporation(place) * 86_400e3;

describe('evaporation', () => {
  // Steam tables (IAPWS-IF97 as in the ASHRAE handbook, Fundamentals): kPa and kJ/kg by °C; from memory.
  it.each([
    [10, 1.228, 2477],
    [20, 2.339, 2453],
    [25, 3.17, 2442],
    [30, 4.247, 2430],
  ])('has at %s °C the vapour pressure and the heat of the steam tables', (temperature, pressure, heat) => {
    expect(saturationPressure(temperature) / pressure).toBeCloseTo(1, 2);
    expect(latentHeat(temperature) / heat).toBeCloseTo(1, 2);
  });

  it('takes 0.58 L a day from 0.2 m² of still water at 25 °C in a room of 22 °C at 50 %', () => {
    // Carrier’s equation by hand: 0.2 · 0.5 · (3.169 − 0.5 · 2.645) · 0.089 / 2442 kg/s.
    expect(litresADay(PLACE)).toBeCloseTo(0.58, 2);
  });

  it('grows with ripples, warmth and dry air, nearly stops under a lid, and never runs backwards', () => {
    const still = litresADay(PLACE);
    expect(litresADay({ ...PLACE, activity: SURFACE_ACTIVITY.splashing })).toBeCloseTo(2 * still, 9);
    expect(litresADay({ ...PLACE, water: 28 })).toBeGreaterThan(still);
    expect(litresADay({ ...PLACE, humidity: 0.3 })).toBeGreaterThan(still);
    expect(litresADay({ ...PLACE, lid: UNDER_LID })).toBeCloseTo(0.15 * still, 9);
    expect(litresADay({ ...PLACE, water: 10, humidity: 1 })).toBe(0);
  });
});
