'use client';

import { parseClock } from '@/core/formats/dates';
import { ClockIcon } from '../icons';
import { lazyPart } from '../lazyPart';
import { PickedInput, type PickedProps } from './PickedInput';

const ClockPicker = lazyPart(() => import('./pickers').then((module) => module.ClockPicker));

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
