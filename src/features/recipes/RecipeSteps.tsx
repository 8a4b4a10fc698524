import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import IconButton from '@mui/material/IconButton';
import { ownRecipeSchema } from '@/core/physics/recipes/ownRecipeSchema';
import { Card } from '@/ui/Card';
import { AddIcon, DeleteIcon, DownIcon, UpIcon } from '@/ui/icons';
import { WordsField } from '@/ui/WordsField';
import type { RecipePartProps } from './changeRecipe';

const MAX_STEPS = 15;

/** How it is built, step by step, what to note, and what ends it. */
export function RecipeSteps({ own, change }: RecipePartProps) {
  const { steps } = own;
  const swap = (index: number, other: number): void => {
    const moved = [...steps];
    const [step] = moved.splice(index, 1);
    if (step !== undefined) moved.splice(other, 0, step);
    change({ steps: moved });
  };
  return (
    <Card
      title="Build it"
      actions={
        <Button
          size="small"
          startIcon={<AddIcon />}
          disabled={steps.length >= MAX_STEPS}
          onClick={() => change({ steps: [...steps, 'Next step.'] })}
        >
          Add a step
        </Button>
      }
    >
      <Box
        component="ol"
        sx={{ listStyle: 'none', p: 0, mt: 1.5, mb: 3, display: 'grid', gap: 1.5 }}
      >
        {steps.map((step, index) => (
          <Box component="li" key={index}>
            <Box sx={{ display: 'flex', alignItems: 'flex-start' }}>
              <WordsField
                label={`Step ${index + 1}`}
                value={step}
                schema={ownRecipeSchema.shape.steps.def.element}
                onCommit={(text) =>
                  change(
                    { steps: steps.map((one, other) => (other === index ? text : one)) },
                    `step ${index}`,
                  )
                }
                fullWidth
                multiline
              />
              <IconButton
                aria-label={`Move step ${index + 1} up`}
                disabled={index === 0}
                onClick={() => swap(index, index - 1)}
              >
                <UpIcon fontSize="small" />
              </IconButton>
              <IconButton
                aria-label={`Move step ${index + 1} down`}
                disabled={index === steps.length - 1}
                onClick={() => swap(index, index + 1)}
              >
                <DownIcon fontSize="small" />
              </IconButton>
              <IconButton
                aria-label={`Remove step ${index + 1}`}
                disabled={steps.length === 1}
                onClick={() => change({ steps: steps.filter((_, other) => other !== index) })}
              >
                <DeleteIcon fontSize="small" />
              </IconButton>
            </Box>
          </Box>
        ))}
      </Box>
      <Box sx={{ display: 'grid', gap: 2 }}>
        <WordsField
          label="Note"
          value={own.note}
          schema={ownRecipeSchema.shape.note}
          onCommit={(note) => change({ note }, 'note')}
          multiline
        />
        <WordsField
          label="What ends its life"
          value={own.endsLife}
          schema={ownRecipeSchema.shape.endsLife}
          onCommit={(endsLife) => change({ endsLife }, 'endsLife')}
          multiline
        />
      </Box>
    </Card>
  );
}
