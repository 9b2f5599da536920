'use client';
import FormControl from '@mui/material/FormControl';
import FormHelperText from '@mui/material/FormHelperText';
import Input from '@mui/material/Input';
import { useId, type ChangeEvent, type FocusEvent, type KeyboardEvent, type ReactNode } from 'react';
import { FieldLabel } from './FieldLabel';

export interface TextInputProps {
  readonly label?: string;
  readonly value: string;
  readonly onChange: (event: ChangeEvent<HTMLInputElement | HTMLTextAreaElement>) => void;
  readonly onBlur?: (event: FocusEvent<HTMLInputElement | HTMLTextAreaElement>) => void;
  readonly onKeyDown?: (event: KeyboardEvent<HTMLInputElement | HTMLTextAreaElement>) => void;
  readonly error?: boolean;
  /** Said under the field: its fault, or a hint. */
  readonly helperText?: ReactNode;
  /** Behind the text: its unit. */
  readonly behind?: ReactNode;
  readonly type?: 'text' | 'date' | 'datetime-local' | 'search';
  readonly inputMode?: 'decimal' | 'numeric';
  readonly placeholder?: string;
  readonly maxLength?: number;
  readonly autoComplete?: string;
  readonly autoFocus?: boolean;
  readonly disabled?: boolean;
  readonly className?: string;
  /** Names a field that has no visible label. */
  readonly 'aria-label'?: string;
}

/**
 * A line of text with its label and the note under it: MUI's parts put together, since its own field brings
 * menus along that no sheet shows.
 */
export function TextInput({
  label,
  error = false,
  helperText,
  behind,
  type = 'text',
  inputMode,
  maxLength,
  className,
  disabled = false,
  'aria-label': name,
  ...rest
}: TextInputProps) {
  const id = useId();
  const said = helperText !== undefined && helperText !== null && helperText !== '';
  return (
    <FormControl variant="standard" size="small" error={error} disabled={disabled} className={className}>
      {label === undefined ? null : <FieldLabel of={id}>{label}</FieldLabel>}
      <Input
        {...rest}
        id={id}
        type={type}
        endAdornment={behind}
        slotProps={{
          input: {
            inputMode,
            maxLength,
            'aria-label': name,
            'aria-describedby': said ? `${id}-said` : undefined,
          },
        }}
      />
      {said ? <FormHelperText id={`${id}-said`}>{helperText}</FormHelperText> : null}
    </FormControl>
  );
}
