import Box from '@mui/material/Box';
import Link from '@mui/material/Link';
import Typography from '@mui/material/Typography';
import NextLink from 'next/link';

const PLACES = [
  { href: '/cupboard', name: 'Cupboard', what: 'stock and prices, what is out for lessons' },
  { href: '/school', name: 'Your school’s cells', what: 'what lessons read, for the next plan' },
  { href: '/recipes', name: 'Recipes', what: 'all cells, and your own' },
  { href: '/fair-tests', name: 'Fair tests', what: 'compare fruit, metals, liquids' },
  { href: '/reality-check', name: 'Reality check', what: 'how many to …? claims tested' },
  { href: '/drill', name: 'Fault drill', what: 'a hidden fault, a meter: find it' },
  { href: '/series-or-parallel', name: 'Series or parallel?', what: 'why both schools are right' },
  { href: '/metals', name: 'Metals and potentials', what: 'which is +, how many volts, why' },
  { href: '/coins', name: 'Coins', what: 'which hold zinc, by country and year' },
  { href: '/mixing', name: 'Mixing bench', what: 'grams and spoons for the class' },
  { href: '/safekeeping', name: 'Safekeeping', what: 'back up everything, put it back' },
  { href: '/two-solutions', name: 'Two solutions', what: 'Nernst and concentration cells' },
] as const;

/** The ways to everything that is not a plan. */
export function BesideThePlans() {
  return (
    <Box component="nav" aria-label="Beside the plans" sx={{ mt: 4 }}>
      <Typography variant="h2" sx={{ mb: 1.5 }}>
        Beside the plans
      </Typography>
      <Box
        component="ul"
        sx={{
          listStyle: 'none',
          p: 0,
          m: 0,
          display: 'grid',
          gap: 1.5,
          gridTemplateColumns: 'repeat(auto-fill, minmax(min(240px, 100%), 1fr))',
        }}
      >
        {PLACES.map(({ href, name, what }) => (
          <Box component="li" key={href} sx={{ borderTop: 1, borderColor: 'divider', pt: 1 }}>
            <Link component={NextLink} href={href} color="inherit" sx={{ fontWeight: 700 }}>
              {name}
            </Link>
            <Typography variant="body2" color="textSecondary">
              {what}
            </Typography>
          </Box>
        ))}
      </Box>
    </Box>
  );
}
