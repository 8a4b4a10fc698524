import { familyOf } from '@/core/chemistry/families';
import { simulateSchema } from '@/core/formats/requests';
import { needOfTarget } from '@/core/plan/needOfTarget';
import { dischargeOfGrid } from '@/core/planning/dischargeOfGrid';
import { simulateNetwork } from '@/core/time/simulateNetwork';
import { commandOf } from '../command';

export const simulateCommand = commandOf(
  'a network with capacitors, or a battery running down, in time',
  simulateSchema,
  (request) => {
    if ('network' in request) {
      const outcome = simulateNetwork(request.network, request.atSeconds);
      return { status: outcome.status === 'solved' ? 'solved' : 'no-solution', output: outcome };
    }
    const { family, target, ...run } = request.discharge;
    const outcome = dischargeOfGrid({
      ...run,
      family: familyOf(family),
      load: needOfTarget(target).load,
      atSeconds: request.atSeconds,
    });
    return {
      status: outcome.status === 'finished' ? 'solved' : 'no-solution',
      output: { ...outcome, status: outcome.status === 'finished' ? 'solved' : outcome.status },
    };
  },
);
