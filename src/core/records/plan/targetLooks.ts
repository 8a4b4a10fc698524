import { DEVICE_PRESETS } from '../../physics/circuit/devicePresets';
import type { LoadLooks } from '../../physics/desk/drawing/loadShapes';
import type { PlanTarget } from './planSchema';

/** How what is to be powered is drawn, on the screen and on paper. */
export function looksOfTarget(target: PlanTarget): LoadLooks {
  switch (target.kind) {
    case 'led':
      return { drawing: 'led', colours: [target.colour], joined: 'side-by-side' };
    case 'leds':
      return { drawing: 'led', colours: target.colours, joined: target.joined };
    case 'device': {
      const { drawing } = DEVICE_PRESETS[target.device];
      return drawing === 'led'
        ? { drawing, colours: ['white'], joined: 'side-by-side' }
        : { drawing };
    }
    default:
      return { drawing: target.kind };
  }
}
