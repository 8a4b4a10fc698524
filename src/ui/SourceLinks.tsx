import Box from '@mui/material/Box';
import Link from '@mui/material/Link';
import NextLink from 'next/link';
import { sourceHref, SOURCES, type SourceId } from '@/core/work/help/sources';

/** From a figure to the constants it rests on, with their values and where they come from. */
export function SourceLinks({ ids }: { readonly ids: readonly SourceId[] }) {
  if (ids.length === 0) return null;
  return (
    <Box sx={{ fontSize: '0.78rem', color: 'text.secondary', mt: 0.5 }}>
      Where this comes from:{' '}
      {ids.map((id, index) => (
        <span key={id}>
          {index > 0 ? ' · ' : ''}
          <Link component={NextLink} href={sourceHref(id)} color="inherit">
            {SOURCES[id].title}
          </Link>
        </span>
      ))}
    </Box>
  );
}
