'use client';

import { Selection } from '@/ui/TextInput';
import Box from '@mui/material/Box';
import { useMemo } from 'react';
import { RECIPE_IDS } from '@/core/physics/recipes/recipe';
import { RECIPES } from '@/core/physics/recipes/recipes';
import { REALITY_DOCUMENT } from '@/core/documents/tools/realityDocument';
import type { CupboardState } from '@/core/records/cupboard/cupboardSchema';
import { typicalPlannedCell, type RealityBench } from '@/core/work/reality/question';
import { formatVolts } from '@/core/units';
import { Card } from '@/ui/Card';
import { DocumentFrame } from '@/ui/document/DocumentFrame';
import { useTool, type FoundTool } from '@/ui/document/useTool';
import { RealityCheck } from '@/ui/reality/RealityCheck';

interface RealityPageProps {
  readonly found: FoundTool<RealityBench>;
  readonly cupboard: CupboardState;
}

/** Wishes and claims worked out for the usual cell of any recipe. */
export function RealityPage({ found, cupboard }: RealityPageProps) {
  const { open, state, change } = useTool('reality', REALITY_DOCUMENT, found);
  const { recipe, body, wishes } = state;
  const cell = useMemo(() => typicalPlannedCell({ recipe, body }), [recipe, body]);
  return (
    <DocumentFrame
      open={open}
      heading="Reality check"
      back={{ href: '/', name: 'Back to the shelf' }}
    >
      <RealityCheck
        cell={cell}
        cupboard={cupboard}
        wishes={wishes}
        onWishes={(changed) => change({ wishes: changed })}
        printOf={{ recipe, body }}
      >
        <Card title="Of which cell?">
          <Box sx={{ display: 'grid', gap: 1.5, mt: 1 }}>
            <Selection
              label="Recipe"
              value={recipe}
              onChange={(chosen) => {
                const next = chosen;
                change({ recipe: next, body: RECIPES[next].bodies[0]?.id ?? body });
              }}
              options={RECIPE_IDS.map((id) => [id, RECIPES[id].name] as const)}
            />
            <Selection
              label={cell.recipe.bodyLabel}
              value={cell.body.id}
              onChange={(chosen) => change({ body: chosen })}
              helperText={`${formatVolts(cell.model.emfVolts)} typical; for your own readings ask from within a plan`}
              options={cell.recipe.bodies.map(({ id, name }) => [id, name] as const)}
            />
          </Box>
        </Card>
      </RealityCheck>
    </DocumentFrame>
  );
}
