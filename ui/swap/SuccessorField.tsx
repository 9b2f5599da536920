import type { Successor } from '@/core/filter/swap';
import { CATALOGUE } from '@/core/media/catalogue';
import { hasRole } from '@/core/media/hasRole';
import type { successorKind } from '@/core/report/swapEdits';
import { ChoiceField } from '../fields/ChoiceField';

interface Props {
  readonly name: string;
  readonly value: ReturnType<typeof successorKind>;
  readonly onChange: (successor: Successor) => void;
}

/** What a piece is replaced with. */
export function SuccessorField({ name, value, onChange }: Props) {
  const media = CATALOGUE.filter((medium) => hasRole(medium, 'biological'));
  return (
    <ChoiceField
      label={`${name}: replace with`}
      value={value}
      choices={[
        { value: 'same', label: 'the same medium, new' },
        { value: 'nothing', label: 'nothing' },
        ...(value === 'other' ? [{ value: 'other', label: 'another medium' }] : []),
        ...media.map((medium) => ({ value: medium.id, label: medium.name, group: 'another medium' })),
      ]}
      onChange={(chosen: string) => {
        if (chosen === 'other') return;
        onChange(chosen === 'same' || chosen === 'nothing' ? chosen : { medium: chosen });
      }}
      fullWidth
    />
  );
}
