'use client';
import Button from '@mui/material/Button';
import { addIntakeSponge } from '@/core/filter/addIntakeSponge';
import { intakeSponge } from '@/core/filter/intakeSponge';
import { isInternal } from '@/core/filter/kindFamily';
import { MAX_PORTS, type Intake, type Outlet } from '@/core/filter/ports';
import { PORT_BOUNDS } from '@/core/filter/portBounds';
import type { OperatingPoint } from '@/core/hydraulics/operatingPoint';
import { ChoiceField } from '../fields/ChoiceField';
import { useWords } from '../fields/UnitsProvider';
import { QuantityField } from '../fields/QuantityField';
import type { FilterPart } from './filterPart';
import styles from './filterPart.module.css';
import { AIM_CHOICES, PLACE_CHOICES } from './portWords';

interface Props extends FilterPart {
  readonly branches: OperatingPoint['branches'];
  /** Puts the sponge into the packs as well; left out for a filter that has none yet. */
  readonly onSponge?: () => void;
}

/** Where a filter takes water in and gives it back, port by port. */
export function PortsFields({ filter, branches, onChange, onSponge }: Props) {
  const words = useWords();
  const { intakes, outlets } = filter;
  const sponge = intakeSponge(filter);
  const shareOf = (share = 0): string => words.show({ kind: 'share', si: share });
  const setIntake = (position: number, change: Partial<Intake>) =>
    onChange({ intakes: intakes.map((item, index) => (index === position ? { ...item, ...change } : item)) });
  const setOutlet = (at: number, change: Partial<Outlet>) =>
    onChange({
      outlets: outlets.map((candidate, index) => (index === at ? { ...candidate, ...change } : candidate)),
    });
  const without = <T,>(list: readonly T[], at: number): T[] => list.filter((_, index) => index !== at);
  const lastIntake = intakes.at(-1);
  const lastOutlet = outlets.at(-1);
  return (
    <>
      <div className={styles.rows} role="group" aria-label="Intakes">
        {intakes.map((intake, at) => (
          <div key={at} className={styles.line}>
            <ChoiceField
              label={`Intake ${at + 1} sits`}
              value={intake.place}
              choices={PLACE_CHOICES}
              onChange={(place) => setIntake(at, { place })}
            />
            <QuantityField
              label="Below the water"
              optional
              bounds={PORT_BOUNDS.depth}
              value={intake.depth}
              onChange={(depth) => setIntake(at, { depth })}
              className={styles.field}
            />
            <QuantityField
              label="Tube diameter"
              optional
              bounds={PORT_BOUNDS.tube}
              value={intake.tube}
              onChange={(tube) => setIntake(at, { tube })}
              className={styles.field}
            />
            <QuantityField
              label="Strainer not blocked"
              bounds={PORT_BOUNDS.open}
              value={intake.open}
              onChange={(open) => open !== null && setIntake(at, { open })}
              className={styles.field}
            />
            {filter.hoses === null || intakes.length === 1 ? null : (
              <QuantityField
                label="Own hose length"
                optional
                bounds={PORT_BOUNDS.hose}
                value={intake.hose}
                placeholder={words.parts({ kind: 'run', si: filter.hoses.intake }).number}
                onChange={(hose) => setIntake(at, { hose })}
                className={styles.field}
              />
            )}
            {intakes.length > 1 ? <span className="quiet">takes {shareOf(branches.intakes[at])}</span> : null}
            {intakes.length > 1 ? (
              <Button
                aria-label={`Remove intake ${at + 1}`}
                onClick={() => onChange({ intakes: without(intakes, at) })}
              >
                ×
              </Button>
            ) : null}
          </div>
        ))}
        {lastIntake === undefined || intakes.length >= MAX_PORTS ? null : (
          <Button onClick={() => onChange({ intakes: [...intakes, lastIntake] })}>Add an intake</Button>
        )}
        {sponge !== null || isInternal(filter.kind) ? null : (
          <Button onClick={() => (onSponge ?? (() => onChange(addIntakeSponge(filter))))()}>
            Add a sponge to the intake
          </Button>
        )}
      </div>
      <div className={styles.rows} role="group" aria-label="Outlets">
        {outlets.map((outlet, at) => (
          <div key={at} className={styles.line}>
            <ChoiceField
              label={`Outlet ${at + 1} sits`}
              value={outlet.place}
              choices={PLACE_CHOICES}
              onChange={(place) => setOutlet(at, { place })}
            />
            <ChoiceField
              label="Points"
              value={outlet.aim}
              choices={AIM_CHOICES}
              onChange={(aim) => setOutlet(at, { aim })}
            />
            {filter.spill !== null ? null : (
              <QuantityField
                label="Above the water"
                bounds={PORT_BOUNDS.aboveWater}
                value={outlet.aboveWater}
                onChange={(aboveWater) => aboveWater !== null && setOutlet(at, { aboveWater })}
                className={styles.field}
              />
            )}
            {filter.hoses === null || outlets.length === 1 ? null : (
              <QuantityField
                label="Own hose length"
                optional
                bounds={PORT_BOUNDS.hose}
                value={outlet.hose}
                placeholder={words.parts({ kind: 'run', si: filter.hoses.outlet }).number}
                onChange={(hose) => setOutlet(at, { hose })}
                className={styles.field}
              />
            )}
            {outlets.length > 1 ? <span className="quiet">gives {shareOf(branches.outlets[at])}</span> : null}
            {outlets.length > 1 ? (
              <Button
                aria-label={`Remove outlet ${at + 1}`}
                onClick={() => onChange({ outlets: without(outlets, at) })}
              >
                ×
              </Button>
            ) : null}
          </div>
        ))}
        {lastOutlet === undefined || outlets.length >= MAX_PORTS ? null : (
          <Button onClick={() => onChange({ outlets: [...outlets, lastOutlet] })}>Add an outlet</Button>
        )}
      </div>
    </>
  );
}
