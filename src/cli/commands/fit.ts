import { cellFromReadings } from '@/core/physics/readings/ownCell';
import { fitCell } from '@/core/physics/readings/fitCell';
import { CURRENT_RANGE_FACTS } from '@/core/physics/instruments/meter';
import { fitRequestSchema } from '@/cli/requests';
import { commandOf } from '../command';

export const fitCommand = commandOf(
  'a cell from its two readings, or from three and more loaded ones',
  fitRequestSchema,
  (request) => {
    if ('points' in request) {
      const points = request.points.map((point) =>
        'amps' in point ? point : { volts: point.volts, amps: point.volts / point.ohms },
      );
      const fits = fitCell(points);
      return fits.ok
        ? { status: 'solved', output: { status: 'solved', ...fits.value } }
        : { status: 'bad-input', faults: fits.issues };
    }
    const { openVolts, shortAmps, meterRange } = request;
    const { shuntOhms } = CURRENT_RANGE_FACTS[meterRange];
    const cell = cellFromReadings({ openVolts, shortAmps, shuntOhms });
    return cell.ok
      ? { status: 'solved', output: { status: 'solved', cell: cell.value } }
      : { status: 'bad-input', faults: cell.issues };
  },
);
