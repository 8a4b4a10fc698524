import * as z from 'zod/mini';
import { MATERIALS } from '@/core/physics/cell/metals';
import Box from '@mui/material/Box';
import { Selection } from '@/ui/TextInput';
import { ownRecipeSchema } from '@/core/physics/recipes/ownRecipeSchema';
import { CELL_LOOKS, type CellLook } from '@/core/physics/recipes/recipe';
import { Card } from '@/ui/Card';
import { SizeFields } from '@/ui/SizeFields';
import { WordsField } from '@/ui/WordsField';
import type { RecipePartProps } from './changeRecipe';

const LOOK_NAMES: Readonly<Record<CellLook, string>> = {
  fruit: 'fruit or root',
  pile: 'pile of discs',
  cup: 'cup',
  sponge: 'sponge',
  towel: 'towel under a roof',
  pouch: 'pouch of felt',
  rod: 'wound rod',
  vessels: 'two vessels',
};

/** The two electrodes, what is between them, and how it stands on the desk. */
export function RecipeMetals({ own, change }: RecipePartProps) {
  const separator = own.separator ?? '';
  return (
    <Card title="Metals">
      <Box
        sx={{ display: 'grid', gap: 2, gridTemplateColumns: { sm: '160px 1fr' }, mt: 1.5, mb: 2 }}
      >
        {(['plus', 'minus'] as const).map((side) => (
          <Electrode key={side} side={side} own={own} change={change} />
        ))}
        <Selection
          label="On the desk"
          value={own.look}
          onChange={(chosen) => change({ look: chosen })}
          options={CELL_LOOKS.map((look) => [look, LOOK_NAMES[look]] as const)}
        />
        <WordsField
          label="Separator"
          value={separator}
          schema={ownRecipeSchema.shape.note.check(z.maxLength(80))}
          onCommit={(text) => change({ separator: text === '' ? null : text }, 'separator')}
          helperText="Empty where the body itself keeps the metals apart"
        />
      </Box>
      <SizeFields
        size={own.usualSize}
        body={own.bodies[0]?.name ?? 'body'}
        onChange={(part, typing) =>
          change({ usualSize: { ...own.usualSize, ...part } }, typing ?? undefined)
        }
      />
    </Card>
  );
}

function Electrode({
  side,
  own,
  change,
}: Omit<RecipePartProps, 'of'> & { side: 'plus' | 'minus' }) {
  const sign = side === 'plus' ? '+' : '−';
  const electrode = own[side];
  return (
    <>
      <Selection
        label={`${sign} metal`}
        value={electrode.material}
        onChange={(chosen) => change({ [side]: { ...electrode, material: chosen } })}
        options={MATERIALS.map((material) => [material, material] as const)}
      />
      <WordsField
        label={`${sign} part`}
        value={electrode.part}
        schema={ownRecipeSchema.shape[side].shape.part}
        onCommit={(part) => change({ [side]: { ...electrode, part } }, side)}
      />
    </>
  );
}
