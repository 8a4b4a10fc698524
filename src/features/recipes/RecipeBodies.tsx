import { BoundQuantity } from '@/ui/BoundQuantity';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import IconButton from '@mui/material/IconButton';
import Typography from '@mui/material/Typography';
import { ownRecipeSchema, type OwnRecipe } from '@/core/physics/recipes/ownRecipeSchema';
import { Card } from '@/ui/Card';
import { AddIcon, DeleteIcon } from '@/ui/icons';
import { WordsField } from '@/ui/WordsField';
import type { RecipePartProps } from './changeRecipe';

type Body = OwnRecipe['bodies'][number];

const MAX_BODIES = 20;
const bodyShape = ownRecipeSchema.shape.bodies.def.element.shape;

/** The fruit, liquids or separators to choose from, and how each differs from the recipe's usual one. */
export function RecipeBodies({ own, change, of }: RecipePartProps) {
  const changeBody = (index: number, part: Partial<Body>, typing?: string): void =>
    change(
      {
        bodies: own.bodies.map((body, other) => (other === index ? { ...body, ...part } : body)),
      },
      typing,
    );
  return (
    <Card
      title="What it stands in"
      actions={
        <Button
          size="small"
          startIcon={<AddIcon />}
          disabled={own.bodies.length >= MAX_BODIES}
          onClick={() => change({ bodies: [...own.bodies, newBody(own.bodies)] })}
        >
          Add another
        </Button>
      }
    >
      <Typography variant="body2" color="textSecondary" sx={{ mb: 1.5 }}>
        Resistivity and limit are shares of the recipe’s: 1 is the same, 0.5 half of it. Volts are
        needed only where this one differs.
      </Typography>
      <WordsField
        label="What the choice is called"
        value={own.bodyLabel}
        schema={ownRecipeSchema.shape.bodyLabel}
        onCommit={(bodyLabel) => change({ bodyLabel }, 'bodyLabel')}
        sx={{ mb: 2 }}
      />
      <Box component="ul" sx={{ listStyle: 'none', p: 0, m: 0, display: 'grid', gap: 2 }}>
        {own.bodies.map((body, index) => (
          <Box
            component="li"
            key={body.id}
            aria-label={body.name}
            sx={{
              display: 'grid',
              gap: 1,
              gridTemplateColumns: { xs: '1fr', sm: '1.4fr 1.4fr 0.8fr 0.8fr 0.8fr auto' },
              alignItems: 'start',
            }}
          >
            <WordsField
              label="One"
              value={body.name}
              schema={bodyShape.name}
              onCommit={(name) => changeBody(index, { name }, `name ${body.id}`)}
            />
            <WordsField
              label="Several"
              value={body.plural}
              schema={bodyShape.plural}
              onCommit={(plural) => changeBody(index, { plural }, `plural ${body.id}`)}
            />
            <BoundQuantity
              of={of}
              path={`bodies.${index}.openVolts`}
              label="Volts"
              kind="volts"
              optional
            />
            <BoundQuantity
              of={of}
              path={`bodies.${index}.resistivityShare`}
              label="Resistivity"
              kind="count"
            />
            <BoundQuantity
              of={of}
              path={`bodies.${index}.reactionShare`}
              label="Reaction resistance"
              kind="count"
            />
            <IconButton
              aria-label={`Remove ${body.name}`}
              disabled={own.bodies.length === 1}
              onClick={() => change({ bodies: own.bodies.filter((_, other) => other !== index) })}
            >
              <DeleteIcon fontSize="small" />
            </IconButton>
          </Box>
        ))}
      </Box>
    </Card>
  );
}

function newBody(bodies: readonly Body[]): Body {
  let number = bodies.length + 1;
  while (bodies.some(({ id }) => id === `own-${number}`)) number += 1;
  return {
    id: `own-${number}`,
    name: 'another one',
    plural: 'other ones',
    openVolts: null,
    resistivityShare: 1,
    reactionShare: 1,
  };
}
