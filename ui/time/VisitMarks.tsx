import type { LinearScale } from '../drawing/linearScale';
import type { KeyboardEvent, PointerEvent } from 'react';
import type { Visit } from '@/core/pack/visit';
import { DAY_STEPS } from './daySteps';
import { moveVisit } from './moveVisit';
import styles from './VisitMarks.module.css';

interface Props {
  readonly x: LinearScale;
  readonly days: number;
  readonly visits: readonly Visit[];
  readonly onVisits: (visits: readonly Visit[], mark?: string) => void;
}

/** Marks of the visits planned: dragged along the strip, moved by arrows, removed with Delete. */
export function VisitMarks({ x, days, visits, onVisits }: Props) {
  const drag = (event: PointerEvent<HTMLButtonElement>, index: number) => {
    if (!event.currentTarget.hasPointerCapture(event.pointerId)) return;
    const left = event.currentTarget.parentElement?.getBoundingClientRect().left ?? 0;
    const day = Math.round(x.invert(event.clientX - left));
    if (day !== visits[index]?.day) onVisits(moveVisit(visits, index, day, days), `visit ${index}`);
  };
  const press = (event: KeyboardEvent, place: number) => {
    const visit = visits[place];
    const step = DAY_STEPS[event.key];
    if (visit === undefined) return;
    if (event.key === 'Delete' || event.key === 'Backspace')
      onVisits(visits.filter((item) => item !== visit));
    else if (step !== undefined) onVisits(moveVisit(visits, place, visit.day + step, days), `visit ${place}`);
    else return;
    event.preventDefault();
    event.stopPropagation();
  };
  return (
    <>
      {visits.map((visit, position) => (
        <button
          key={position}
          type="button"
          role="slider"
          aria-label={`Visit ${position + 1}`}
          aria-valuemin={1}
          aria-valuemax={days}
          aria-valuenow={visit.day}
          aria-valuetext={`day ${visit.day}, ${visit.works.length} layers`}
          title={`day ${visit.day}: ${visit.works.length} ${visit.works.length === 1 ? 'layer' : 'layers'}`}
          className={styles.mark}
          style={{ left: x(visit.day) }}
          onPointerDown={(event) => event.currentTarget.setPointerCapture(event.pointerId)}
          onPointerMove={(event) => drag(event, position)}
          onKeyDown={(event) => press(event, position)}
        />
      ))}
    </>
  );
}
