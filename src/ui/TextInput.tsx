'use client';

import FormControl from '@mui/material/FormControl';
import FormHelperText from '@mui/material/FormHelperText';
import InputLabel from '@mui/material/InputLabel';
import NativeSelect from '@mui/material/NativeSelect';
import OutlinedInput, { type OutlinedInputProps } from '@mui/material/OutlinedInput';
import type { SxProps, Theme } from '@mui/material/styles';
import { useId, type ReactNode } from 'react';

interface Framed {
  readonly label: string;
  /** Only for screen readers, where a heading or a column names it. */
  readonly hideLabel?: boolean | undefined;
  readonly helperText?: ReactNode;
  readonly error?: boolean | undefined;
  readonly disabled?: boolean | undefined;
  readonly fullWidth?: boolean | undefined;
  readonly sx?: SxProps<Theme> | undefined;
}

export type TextInputProps = Framed & Omit<OutlinedInputProps, keyof Framed | 'size' | 'margin'>;

/**
 * A line of text with its label and what is wrong with it. The library’s own text field brings its menus, dialogs and
 * transitions to every page that asks for one word; this is the same out of its smaller pieces.
 */
export function TextInput(props: TextInputProps) {
  const { label, hideLabel, helperText, error, disabled, fullWidth, sx, ...rest } = props;
  return (
    <Frame {...{ label, hideLabel, helperText, error, disabled, fullWidth, sx }}>
      {(attributes) => (
        <OutlinedInput
          {...rest}
          {...(hideLabel === true ? {} : { label })}
          id={attributes.id}
          inputProps={{ ...rest.inputProps, ...attributes }}
        />
      )}
    </Frame>
  );
}

interface SelectionProps<Value extends string | number> extends Framed {
  readonly value: NoInfer<Value>;
  readonly options: readonly (readonly [value: Value, name: string, heading?: string])[];
  readonly onChange: (chosen: Value) => void;
}

/** One of many, in the list that the device itself opens; options of one heading follow each other. */
export function Selection<Value extends string | number>(props: SelectionProps<Value>) {
  const { value, options, onChange, ...frame } = props;
  const headings = [...new Set(options.map(([, , heading]) => heading))];
  const shown = frame.hideLabel === true ? {} : { label: frame.label, notched: true };
  return (
    <Frame {...frame} raised>
      {(attributes) => (
        <NativeSelect
          value={value}
          onChange={({ target }) => {
            const chosen = options.find(([one]) => String(one) === target.value);
            if (chosen !== undefined) onChange(chosen[0]);
          }}
          input={<OutlinedInput {...shown} />}
          inputProps={attributes}
        >
          {headings.map((heading) => {
            const under = options.filter(([, , other]) => other === heading);
            const shownOptions = under.map(([one, name]) => (
              <option key={one} value={one}>
                {name}
              </option>
            ));
            return heading === undefined ? (
              shownOptions
            ) : (
              <optgroup key={heading} label={heading}>
                {shownOptions}
              </optgroup>
            );
          })}
        </NativeSelect>
      )}
    </Frame>
  );
}

interface Attributes {
  readonly id: string;
  readonly 'aria-label'?: string;
  readonly 'aria-describedby'?: string;
}

interface FrameProps extends Framed {
  /** Whether the label always stands above. */
  readonly raised?: boolean;
  readonly children: (attributes: Attributes) => ReactNode;
}

function Frame(props: FrameProps) {
  const { label, hideLabel, helperText, error, disabled, fullWidth, sx, raised, children } = props;
  const id = useId();
  const said = helperText === undefined || helperText === null ? null : `${id}-said`;
  return (
    <FormControl
      size="small"
      variant="outlined"
      error={error ?? false}
      disabled={disabled ?? false}
      fullWidth={fullWidth ?? false}
      {...(sx === undefined ? {} : { sx })}
    >
      {hideLabel === true ? null : (
        <InputLabel htmlFor={id} {...(raised ? { shrink: true } : {})}>
          {label}
        </InputLabel>
      )}
      {children({
        id,
        ...(hideLabel === true ? { 'aria-label': label } : {}),
        ...(said === null ? {} : { 'aria-describedby': said }),
      })}
      {said === null ? null : <FormHelperText id={said}>{helperText}</FormHelperText>}
    </FormControl>
  );
}
