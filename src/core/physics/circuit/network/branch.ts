import { cellDifferentialOhms, overpotentialVolts, isLinearCell } from '../../cell/cellModel';
import { bulbDifferentialOhms, bulbVolts } from '../load/bulb';
import { deviceDifferentialOhms, deviceVolts } from '../load/device';
import { ledDifferentialOhms, ledVolts } from '../load/led';
import type { NetworkComponent } from './networkSchema';

/**
 * What a component is to the solver: a two-terminal branch whose voltage `V_from − V_to` is a rising function of the
 * current that flows through it from `from` to `to`. Every law is written that way round, because the voltage of
 * diodes and cells is explicit in the current and stays moderate where the current of a given voltage overflows.
 */
export interface Branch {
  readonly name: string;
  readonly from: number;
  readonly to: number;
  readonly law: BranchLaw;
}

export type BranchLaw =
  /** A fixed voltage at any current: ideal source, ammeter, held capacitor. */
  | { readonly kind: 'tie'; readonly volts: number }
  /** `volts + ohms·I`, ohms above zero. */
  | { readonly kind: 'ohmic'; readonly volts: number; readonly ohms: number }
  /** Any smooth rising function; `startAmps` is where Newton begins. */
  | {
      readonly kind: 'curve';
      readonly voltsAt: (amps: number) => number;
      readonly differentialOhmsAt: (amps: number) => number;
      readonly startAmps: number;
    }
  /** A fixed current at any voltage. */
  | { readonly kind: 'source'; readonly amps: number };

/** Where Newton starts a diode: in the middle of the classroom range. */
const LED_START_AMPS = 1e-3;

/** The law of a component, and its terminals in the direction in which its current is counted. */
export function lawOf(
  component: NetworkComponent,
  thermalVolts: number,
): { from: string; to: string; law: BranchLaw } {
  switch (component.type) {
    case 'cell':
      return { from: component.minus, to: component.plus, law: cellLaw(component) };
    case 'resistor':
      return {
        from: component.a,
        to: component.b,
        law:
          component.resistanceOhms === 0
            ? { kind: 'tie', volts: 0 }
            : { kind: 'ohmic', volts: 0, ohms: component.resistanceOhms },
      };
    case 'led':
      return {
        from: component.anode,
        to: component.cathode,
        law: curve(
          (amps) => ledVolts(component, amps, thermalVolts),
          (amps) => ledDifferentialOhms(component, amps, thermalVolts),
          LED_START_AMPS,
        ),
      };
    case 'bulb':
      return {
        from: component.a,
        to: component.b,
        law: curve(
          (amps) => bulbVolts(component, amps),
          (amps) => bulbDifferentialOhms(component, amps),
          component.ratedAmps,
        ),
      };
    case 'device':
      return {
        from: component.plus,
        to: component.minus,
        law: curve(
          (amps) => deviceVolts(component, amps),
          (amps) => deviceDifferentialOhms(component, amps),
          component.amps,
        ),
      };
    case 'currentSource':
      return {
        from: component.from,
        to: component.to,
        law: { kind: 'source', amps: component.amps },
      };
    case 'ammeter':
      return { from: component.a, to: component.b, law: { kind: 'tie', volts: 0 } };
    case 'capacitor':
      // Once charged it carries no current: the operating point is the state after a long time.
      return { from: component.a, to: component.b, law: { kind: 'source', amps: 0 } };
  }
}

function cellLaw(cell: Extract<NetworkComponent, { type: 'cell' }>): BranchLaw {
  if (isLinearCell(cell)) {
    return cell.resistanceOhms === 0
      ? { kind: 'tie', volts: -cell.emfVolts }
      : { kind: 'ohmic', volts: -cell.emfVolts, ohms: cell.resistanceOhms };
  }
  return curve(
    (amps) => overpotentialVolts(cell, amps) - cell.emfVolts,
    (amps) => cellDifferentialOhms(cell, amps),
    0,
  );
}

function curve(
  voltsAt: (amps: number) => number,
  slopeOhmsAt: (amps: number) => number,
  startAmps: number,
): BranchLaw {
  return { kind: 'curve', voltsAt, differentialOhmsAt: slopeOhmsAt, startAmps };
}
