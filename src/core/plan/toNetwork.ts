import type { CellModel } from '../chemistry/cellModel';
import type { Load } from '../circuit/load/load';
import type { NetworkComponent, NetworkDocument } from '../circuit/network/networkSchema';
import { ROOM_CELSIUS } from '../constants';

/**
 * The battery and its load as a network document, SI numbers and node names only. String s, cell c is the component
 * `string s cell c`; node `plus` is the battery's + end, node `0` its − end.
 */
export function toNetwork(
  cell: CellModel,
  wiring: { cellsInSeries: number; strings: number },
  load: Load,
): NetworkDocument {
  const components: NetworkComponent[] = [];
  for (let string = 1; string <= wiring.strings; string += 1) {
    for (let index = 1; index <= wiring.cellsInSeries; index += 1) {
      const after = `string ${string} after cell ${index}`;
      components.push({
        type: 'cell',
        name: `string ${string} cell ${index}`,
        minus: index === 1 ? '0' : `string ${string} after cell ${index - 1}`,
        plus: index === wiring.cellsInSeries ? 'plus' : after,
        ...cell,
      });
    }
  }
  components.push(...loadComponents(load));
  return { temperatureCelsius: ROOM_CELSIUS, components };
}

/** The load between the nodes `plus` and `0`. */
function loadComponents(load: Load): NetworkComponent[] {
  const name = 'load';
  switch (load.kind) {
    case 'led':
      return [{ type: 'led', name, anode: 'plus', cathode: '0', ...load.led }];
    case 'led-group':
      return ledGroupComponents(load);
    case 'bulb':
      return [{ type: 'bulb', name, a: 'plus', b: '0', ...load.bulb }];
    case 'resistor':
      return [{ type: 'resistor', name, a: 'plus', b: '0', resistanceOhms: load.ohms }];
    case 'device':
      return [
        {
          type: 'device',
          name,
          plus: 'plus',
          minus: '0',
          amps: load.amps,
          leastVolts: load.leastVolts,
        },
      ];
  }
}

function ledGroupComponents(load: Extract<Load, { kind: 'led-group' }>): NetworkComponent[] {
  const { led, inSeries, inParallel } = load;
  return Array.from({ length: inSeries * inParallel }, (_, index): NetworkComponent => {
    const row = Math.floor(index / inSeries) + 1;
    const place = (index % inSeries) + 1;
    const after = (at: number): string => `LED row ${row} after ${at}`;
    return {
      type: 'led',
      name: `LED row ${row}, ${place}`,
      anode: place === 1 ? 'plus' : after(place - 1),
      cathode: place === inSeries ? '0' : after(place),
      ...led,
    };
  });
}
