'use client';

import dynamic from 'next/dynamic';
import { dateWords, parseDay } from '@/core/formats/dates';
import { CalendarIcon } from '../icons';
import { PickedInput, type PickedProps } from './PickedInput';

const DayPicker = dynamic(() => import('./pickers').then((module) => module.DayPicker));

/** Where the month is written first. */
const MONTH_FIRST = ['en-US', 'en-PH'];

/** A day, `2027-01-29`; empty while it is not known. */
export function DayField(props: PickedProps) {
  return (
    <PickedInput
      {...props}
      mayBeEmpty
      shownAs={dateWords}
      parse={(typed) =>
        parseDay(typed, MONTH_FIRST.includes(navigator.language) ? 'monthFirst' : 'dayFirst')
      }
      choose="Choose a day"
      icon={<CalendarIcon fontSize="small" />}
      Picker={DayPicker}
    />
  );
}
