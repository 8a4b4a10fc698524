import { RECIPE_IDS, familyOf } from '@/core/physics/recipes/recipe';
import { RECIPES } from '@/core/physics/recipes/recipes';
import { plannedCell } from '@/core/physics/readings/plannedCell';
import { cellBuild } from '@/core/physics/recipes/cellBuild';
import { ROOM_CELSIUS } from '@/core/constants';
import { planRequestSchema } from '@/cli/requests';
import { requirementOf } from '@/core/records/plan/loadRequirement';
import { USUAL_RUNNING } from '@/core/records/plan/runningSchema';
import { limitOfTarget } from '@/core/work/search/loadLimits';
import { planBatteries } from '@/core/work/search/planBatteries';
import { commandOf } from '../command';

export const planCommand = commandOf(
  'batteries that meet a wish, best first, or why there are none',
  planRequestSchema,
  ({ target, families, ...limits }) => {
    const wanted = RECIPE_IDS.filter((id) => families.includes(familyOf(id)));
    const { candidates, impossible } = planBatteries({
      ...limits,
      cells: wanted.map((id) => {
        const recipe = RECIPES[id];
        return plannedCell(cellBuild(recipe, recipe.bodies[0]), ROOM_CELSIUS);
      }),
      need: requirementOf(target),
      limit: limitOfTarget(target),
      running: USUAL_RUNNING,
      resistor: { kind: 'as-needed' },
    });
    return {
      status: candidates.length > 0 ? 'solved' : 'no-solution',
      output: {
        status: candidates.length > 0 ? 'solved' : 'impossible',
        candidates: candidates.map(({ cell, ...rest }) => ({
          family: familyOf(cell.recipe.id),
          piece: cell.piece,
          ...rest,
        })),
        impossible: impossible.map(({ recipe, limit, explanation }) => ({
          family: familyOf(recipe.id),
          limit,
          explanation,
        })),
      },
    };
  },
);
