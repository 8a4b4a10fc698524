import { useSyncExternalStore } from 'react';
import { usesCustomary, type WAYS_OF_MEASURING, withCustomary } from '@/core/formats/customary';

const never = () => () => {};
const asItIs = (text: string): string => text;

/** As people measure where the device's language is from. */
export function useWayOfMeasuring(): (typeof WAYS_OF_MEASURING)[number] {
  return useSyncExternalStore(
    never,
    () => (usesCustomary(navigator.language) ? 'customary' : 'metric'),
    () => 'metric',
  );
}

/** Texts with inches, cups and °F beside the metric figures, where these are in use. */
export function useLocalUnits(): (text: string) => string {
  return useWayOfMeasuring() === 'customary' ? withCustomary : asItIs;
}
