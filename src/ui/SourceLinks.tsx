import Box from '@mui/material/Box';
import Link from '@mui/material/Link';
import { SOURCE_TITLES, sourceHref, type SourceId } from '@/core/sourceIds';
import { PageLink } from './PageLink';

/** From a figure to the constants it rests on, with their values and where they come from. */
export function SourceLinks({ ids }: { readonly ids: readonly SourceId[] }) {
  if (ids.length === 0) return null;
  return (
    <Box sx={{ fontSize: '0.78rem', color: 'text.secondary', mt: 0.5 }}>
      Where this comes from:{' '}
      {ids.map((id, index) => (
        <span key={id}>
          {index > 0 ? ' · ' : ''}
          <Link component={PageLink} href={sourceHref(id)} color="inherit">
            {SOURCE_TITLES[id]}
          </Link>
        </span>
      ))}
    </Box>
  );
}
