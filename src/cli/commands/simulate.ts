import { familyOf } from '@/core/physics/chemistry/families';
import { simulateSchema } from '@/cli/requests';
import { requirementOf, throughResistor } from '@/core/records/plan/loadRequirement';
import { dischargeOfGrid } from '@/core/physics/time/dischargeOfGrid';
import { simulateNetwork } from '@/core/physics/time/simulateNetwork';
import { commandOf } from '../command';

export const simulateCommand = commandOf(
  'a network with capacitors, or a battery running down, in time',
  simulateSchema,
  (request) => {
    if ('network' in request) {
      const outcome = simulateNetwork(request.network, request.atSeconds);
      return { status: outcome.status === 'solved' ? 'solved' : 'no-solution', output: outcome };
    }
    const { family, target, seriesResistorOhms, ...run } = request.discharge;
    const need = throughResistor(requirementOf(target, run.celsius), seriesResistorOhms ?? 0);
    const outcome = dischargeOfGrid({
      ...run,
      family: familyOf(family),
      load: need.load,
      atSeconds: request.atSeconds,
    });
    return { status: 'solved', output: { ...outcome, status: 'solved' } };
  },
);
