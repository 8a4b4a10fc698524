'use client';

import { dateWords, parseDay } from '@/core/formats/dates';
import { CalendarIcon } from '../icons';
import { isMonthFirst } from './monthFirst';
import { lazyPart } from '../lazyPart';
import { PickedInput, type PickedProps } from './PickedInput';

const DayPicker = lazyPart(() => import('./pickers').then((module) => module.DayPicker));

/** A day, `2027-01-29`; empty while it is not known. */
export function DayField(props: PickedProps) {
  return (
    <PickedInput
      {...props}
      mayBeEmpty
      shownAs={dateWords}
      parse={(typed) => parseDay(typed, isMonthFirst() ? 'monthFirst' : 'dayFirst')}
      choose="Choose a day"
      icon={<CalendarIcon fontSize="small" />}
      Picker={DayPicker}
    />
  );
}
