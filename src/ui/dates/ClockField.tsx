'use client';

import dynamic from 'next/dynamic';
import { parseClock } from '@/core/formats/dates';
import { ClockIcon } from '../icons';
import { PickedInput, type PickedProps } from './PickedInput';

const ClockPicker = dynamic(() => import('./pickers').then((module) => module.ClockPicker));

/** A time of day, `14:30`. */
export function ClockField(props: PickedProps) {
  return (
    <PickedInput
      {...props}
      mayBeEmpty={false}
      shownAs={(clock) => clock}
      parse={parseClock}
      choose="Choose a time"
      icon={<ClockIcon fontSize="small" />}
      Picker={ClockPicker}
    />
  );
}
