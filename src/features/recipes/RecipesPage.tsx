'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { recipeOfOwn } from '@/core/physics/recipes/ownRecipe';
import type { OwnRecipe } from '@/core/physics/recipes/ownRecipeSchema';
import { type Recipe, RECIPE_IDS } from '@/core/physics/recipes/recipe';
import { RECIPES } from '@/core/physics/recipes/recipes';
import type { Issue } from '@/core/result';
import { ImportButton } from '@/ui/document/ImportButton';
import { UnreadableCard } from '@/ui/document/UnreadableCard';
import { RefusalAlert } from '@/ui/document/RefusalAlert';
import { useDocumentList } from '@/ui/document/useDocumentList';
import { PageFrame } from '@/ui/PageFrame';
import { makeOwn } from './makeOwn';
import Link from '@mui/material/Link';
import Paper from '@mui/material/Paper';
import type { ReactNode } from 'react';
import { formatAmps, formatVolts } from '@/core/units';
import { CellIcon } from '@/ui/desk/CellIcon';
import { PageLink } from '@/ui/PageLink';

/** All cell families as they ship, and the educator's own recipes. */
export function RecipesPage({
  own,
  unreadable,
}: {
  own: readonly { readonly id: string; readonly recipe: OwnRecipe }[];
  unreadable: readonly { readonly id: string; readonly faults: readonly Issue[] }[];
}) {
  const { refusal, clearRefusal, settle, remove, duplicate, openAt } = useDocumentList('recipes');
  const openRecipe = (id: string): void => openAt(`/recipes/${id}`);
  return (
    <PageFrame
      heading="Recipes"
      actions={
        <ImportButton
          kind="recipes"
          label="Import a recipe"
          onAnswer={(answer) => settle(answer, openRecipe)}
        />
      }
    >
      <RefusalAlert refusal={refusal} onClose={clearRefusal} />
      <Typography variant="h2" sx={{ mb: 1 }}>
        Your own
      </Typography>
      {own.length === 0 ? (
        <Typography color="textSecondary" sx={{ mb: 3 }}>
          None yet. Take any recipe below and make it yours: other metals, other sizes, your own
          readings.
        </Typography>
      ) : (
        <RecipeGrid label="Your own recipes">
          {own.map(({ id, recipe }) => (
            <RecipeCard
              key={id}
              recipe={recipeOfOwn(recipe)}
              href={`/recipes/${id}`}
              actions={
                <>
                  <Button size="small" onClick={() => void duplicate(id)}>
                    Duplicate
                  </Button>
                  <Button size="small" href={`/api/recipes/${id}/export`} download>
                    Export
                  </Button>
                  <Button
                    size="small"
                    color="inherit"
                    onClick={() => void remove(id, `The recipe “${recipe.title}” was deleted.`)}
                  >
                    Delete
                  </Button>
                </>
              }
            />
          ))}
        </RecipeGrid>
      )}
      {unreadable.map(({ id, faults }) => (
        <Box key={id} sx={{ mb: 2 }}>
          <UnreadableCard
            kind="recipes"
            noun="recipe"
            id={id}
            faults={faults}
            onDelete={() => void remove(id, 'The unreadable recipe was deleted.')}
          />
        </Box>
      ))}
      <Typography variant="h2" sx={{ mb: 1 }}>
        The fourteen cell families
      </Typography>
      <RecipeGrid label="Recipes that ship with Grozer">
        {RECIPE_IDS.map((id) => (
          <RecipeCard
            key={id}
            recipe={RECIPES[id]}
            href={`/recipes/shipped/${id}`}
            actions={
              <Button
                size="small"
                aria-label={`Make my own from ${RECIPES[id].name}`}
                onClick={() => void makeOwn(id).then((answer) => settle(answer, openRecipe))}
              >
                Make it my own
              </Button>
            }
          />
        ))}
      </RecipeGrid>
    </PageFrame>
  );
}

interface RecipeCardProps {
  readonly recipe: Recipe;
  readonly href: string;
  readonly actions: ReactNode;
}

export function RecipeGrid({ label, children }: { label: string; children: ReactNode }) {
  return (
    <Box
      component="ul"
      aria-label={label}
      sx={{
        listStyle: 'none',
        p: 0,
        m: 0,
        mb: 3,
        display: 'grid',
        gap: 1.5,
        gridTemplateColumns: 'repeat(auto-fill, minmax(min(270px, 100%), 1fr))',
      }}
    >
      {children}
    </Box>
  );
}

/** A recipe in a list: what it looks like, its metals, and what one cell gives. */
export function RecipeCard({ recipe, href, actions }: RecipeCardProps) {
  const { typical, plus, minus } = recipe;
  return (
    <Paper
      component="li"
      variant="outlined"
      sx={{ p: 1.5, display: 'flex', gap: 1.5, alignItems: 'flex-start' }}
    >
      <CellIcon recipe={recipe} />
      <Box sx={{ flex: 1, minWidth: 0 }}>
        <Link component={PageLink} href={href} color="inherit" sx={{ fontWeight: 700 }}>
          {recipe.name}
        </Link>
        <Typography variant="body2">
          + {plus.material}, − {minus.material}
        </Typography>
        <Typography variant="body2" color="textSecondary">
          {formatVolts(typical.openVoltsLow)} to {formatVolts(typical.openVoltsHigh)},{' '}
          {formatAmps(typical.shortAmpsLow)} to {formatAmps(typical.shortAmpsHigh)}
          {recipe.restricted ? '; trained staff only' : ''}
        </Typography>
        <Box sx={{ ml: -0.75, mt: 0.5 }}>{actions}</Box>
      </Box>
    </Paper>
  );
}
