'use client';
import { USUAL_ROOM } from '@/core/practice/usualRoom';
import { ROOM_BOUNDS } from '@/core/tank/roomBounds';
import type { Tank } from '@/core/tank/tank';
import { ChoiceField } from '../fields/ChoiceField';
import { useWords } from '../fields/UnitsProvider';
import { QuantityField } from '../fields/QuantityField';
import { CollapsibleSection } from '../frame/CollapsibleSection';
import type { TankPart } from './tankPart';
import styles from './WaterForm.module.css';

const NOT_SAID = 'not entered';
const COVER_OPTIONS: readonly { value: NonNullable<Tank['cover']> | typeof NOT_SAID; label: string }[] = [
  { value: NOT_SAID, label: 'not entered' },
  { value: 'open', label: 'open' },
  { value: 'lid', label: 'a lid with gaps' },
];

/** Lid and room: how much water evaporates depends on them, and so whether more is lost than that. */
export function RoomFold({ tank, onChange }: TankPart) {
  const words = useWords();
  const { cover, room } = tank;
  const parts = [
    COVER_OPTIONS.find(({ value }) => value === (cover ?? NOT_SAID))?.label ?? '',
    ...(room.temperature === null
      ? []
      : [`room ${words.show({ kind: 'temperature', si: room.temperature })}`]),
    ...(room.humidity === null ? [] : [`${words.show({ kind: 'share', si: room.humidity })} humid`]),
  ];
  return (
    <CollapsibleSection title="Lid and room" says={parts.join(', ')}>
      <div className={styles.fields}>
        <ChoiceField
          label="Top of the tank"
          value={cover ?? NOT_SAID}
          choices={COVER_OPTIONS}
          onChange={(value) => onChange({ cover: value === NOT_SAID ? null : value })}
        />
        <QuantityField
          label="Room temperature"
          hint={`${words.show({ kind: 'temperature', si: USUAL_ROOM.temperature })} is assumed`}
          optional
          bounds={ROOM_BOUNDS.temperature}
          value={room.temperature}
          onChange={(temperature) => onChange({ room: { ...room, temperature } })}
        />
        <QuantityField
          label="Relative humidity"
          hint={`${words.show({ kind: 'share', si: USUAL_ROOM.humidity })} is assumed`}
          optional
          bounds={ROOM_BOUNDS.humidity}
          value={room.humidity}
          onChange={(humidity) => onChange({ room: { ...room, humidity } })}
        />
      </div>
    </CollapsibleSection>
  );
}
