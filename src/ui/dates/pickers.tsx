'use client';

import Popover from '@mui/material/Popover';
import { AdapterDayjs } from '@mui/x-date-pickers/AdapterDayjs';
import { DateCalendar } from '@mui/x-date-pickers/DateCalendar';
import { DigitalClock } from '@mui/x-date-pickers/DigitalClock';
import { LocalizationProvider } from '@mui/x-date-pickers/LocalizationProvider';
import dayjs from 'dayjs';
import 'dayjs/locale/en-gb';
import type { ReactNode } from 'react';
import { isMonthFirst } from './monthFirst';
import type { PickerProps } from './PickedInput';

const STEP_MINUTES = 15;

/** A month to choose a day from. */
export function DayPicker({ value, onChoose, ...opened }: PickerProps) {
  return (
    <Opened {...opened} name="Choose a day">
      <DateCalendar
        autoFocus
        defaultValue={value === '' ? null : dayjs(value)}
        onChange={(day, state) => {
          if (day !== null && state === 'finish') onChoose(day.format('YYYY-MM-DD'));
        }}
      />
    </Opened>
  );
}

/** The times of a day to choose from. */
export function ClockPicker({ value, onChoose, ...opened }: PickerProps) {
  return (
    <Opened {...opened} name="Choose a time">
      <DigitalClock
        autoFocus
        ampm={false}
        timeStep={STEP_MINUTES}
        defaultValue={value === '' ? null : dayjs(`2000-01-01T${value}`)}
        onChange={(time) => {
          if (time !== null) onChoose(time.format('HH:mm'));
        }}
      />
    </Opened>
  );
}

interface OpenedProps extends Pick<PickerProps, 'anchor' | 'onClose'> {
  readonly name: string;
  readonly children: ReactNode;
}

function Opened({ anchor, onClose, name, children }: OpenedProps) {
  return (
    <Popover
      open
      anchorEl={anchor}
      onClose={onClose}
      anchorOrigin={{ vertical: 'bottom', horizontal: 'left' }}
      slotProps={{ paper: { role: 'dialog', 'aria-label': name } }}
    >
      <LocalizationProvider
        dateAdapter={AdapterDayjs}
        adapterLocale={isMonthFirst() ? 'en' : 'en-gb'}
      >
        {children}
      </LocalizationProvider>
    </Popover>
  );
}
