import { withPairs } from '@/core/physics/recipes/cellBuild';
import { RECIPES } from '@/core/physics/recipes/recipes';
import { recipeOfFamily } from '@/core/physics/recipes/recipe';
import { cellBuild } from '@/core/physics/recipes/cellBuild';
import { plannedCell } from '@/core/physics/readings/plannedCell';
import { simulateSchema } from '@/cli/requests';
import { wrapOf } from '@/core/records/plan/runningSchema';
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
    const { family, pairsPerBody, target, seriesResistorOhms, wrap, ...run } = request.discharge;
    const recipe = RECIPES[recipeOfFamily(family)];
    const build = withPairs(cellBuild(recipe, recipe.bodies[0]), pairsPerBody);
    const need = throughResistor(requirementOf(target, run.celsius), seriesResistorOhms ?? 0);
    const outcome = dischargeOfGrid({
      ...run,
      wrap: wrapOf({ wrap }, recipe),
      cell: plannedCell(build, run.celsius),
      soakSeconds: null,
      load: need.load,
      atSeconds: request.atSeconds,
    });
    return { status: 'solved', output: { ...outcome, status: 'solved' } };
  },
);
