import Box from '@mui/material/Box';
import Link from '@mui/material/Link';
import Paper from '@mui/material/Paper';
import Typography from '@mui/material/Typography';
import type { ReactNode } from 'react';
import type { Recipe } from '@/core/physics/recipes/recipe';
import { formatAmps, formatVolts } from '@/core/units';
import { CellIcon } from '@/ui/desk/CellIcon';
import { PageLink } from '@/ui/PageLink';

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
