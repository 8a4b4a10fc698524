import { BATTERY_MINUS, BATTERY_PLUS, batteryNetwork } from '../circuit/faults/batteryNetwork';
import { isLedLoad, seriesOhms, type Load } from '../circuit/load/load';
import type { NetworkComponent, NetworkDocument } from '../circuit/network/networkSchema';
import { ROOM_CELSIUS } from '../../constants';
import { specOf, type Desk } from './desk';

/** Name of the load's component. */
export const LOAD = 'load';
/** Name of the resistor in series with it. */
export const SERIES_RESISTOR = 'series resistor';

/**
 * The battery on the desk and its load (none: nothing connected) as a network document, SI numbers and node names only.
 * Node `plus` is the battery's + end, node `0` its − end.
 */
export function deskNetwork(desk: Desk, load: Load | null): NetworkDocument {
  const components = batteryNetwork(specOf(desk));
  if (load !== null) components.push(...loadComponents(load, desk.loadReversed));
  return { temperatureCelsius: ROOM_CELSIUS, components };
}

/** The load between the battery's ends. */
export function loadComponents(load: Load, reversed: boolean): NetworkComponent[] {
  const [plus, minus] =
    reversed && isLedLoad(load) ? [BATTERY_MINUS, BATTERY_PLUS] : [BATTERY_PLUS, BATTERY_MINUS];
  const ohms = seriesOhms(load);
  const behind = ohms === 0 ? plus : 'after resistor';
  const resistor: NetworkComponent[] =
    ohms === 0
      ? []
      : [{ type: 'resistor', name: SERIES_RESISTOR, a: plus, b: behind, resistanceOhms: ohms }];
  switch (load.kind) {
    case 'led':
      return [...resistor, { type: 'led', name: LOAD, anode: behind, cathode: minus, ...load.led }];
    case 'led-group':
      return ledGroupComponents(load, plus, minus);
    case 'bulb':
      return [{ type: 'bulb', name: LOAD, a: plus, b: minus, ...load.bulb }];
    case 'resistor':
      return [{ type: 'resistor', name: LOAD, a: plus, b: minus, resistanceOhms: load.ohms }];
    case 'device':
      return [
        ...resistor,
        {
          type: 'device',
          name: LOAD,
          plus: behind,
          minus: BATTERY_MINUS,
          amps: load.amps,
          leastVolts: load.leastVolts,
        },
      ];
  }
}

function ledGroupComponents(
  { led, inSeries, inParallel }: Extract<Load, { kind: 'led-group' }>,
  plus: string,
  minus: string,
): NetworkComponent[] {
  return [
    { type: 'ammeter', name: LOAD, a: plus, b: 'LEDs' },
    ...Array.from({ length: inSeries * inParallel }, (_, index): NetworkComponent => {
      const row = Math.floor(index / inSeries) + 1;
      const place = (index % inSeries) + 1;
      const after = (at: number): string => `LED row ${row} after ${at}`;
      return {
        type: 'led',
        name: `LED row ${row}, ${place}`,
        anode: place === 1 ? 'LEDs' : after(place - 1),
        cathode: place === inSeries ? minus : after(place),
        ...led,
      };
    }),
  ];
}
