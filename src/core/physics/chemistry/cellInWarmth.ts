import { ROOM_CELSIUS } from '../../constants';
import type { CellModel } from './cellModel';
import { warmthAt } from './scaleCell';

/**
 * A cell that is known at room temperature, in a warmer or colder room. Its resistance is split into what the electrolyte
 * has, which conducts 2 % better a kelvin, and what the reactions have, which speed up with 40 kJ/mol.
 * @param electrolyteShare share of the resistance that belongs to the electrolyte, 0 to 1.
 */
export function cellInWarmth(
  cell: CellModel,
  electrolyteShare: number,
  celsius: number,
): CellModel {
  if (celsius === ROOM_CELSIUS) return cell;
  const { conduction, reaction, diffusion, kelvin } = warmthAt(celsius);
  const { activation, limitingAmps } = cell;
  return {
    ...cell,
    resistanceOhms:
      cell.resistanceOhms * (electrolyteShare / conduction + (1 - electrolyteShare) / reaction),
    activation:
      activation === undefined
        ? undefined
        : {
            slopeVolts: activation.slopeVolts * kelvin,
            exchangeAmps: activation.exchangeAmps * reaction,
          },
    limitingAmps: limitingAmps === undefined ? undefined : limitingAmps * diffusion,
  };
}
