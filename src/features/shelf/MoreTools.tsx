import Box from '@mui/material/Box';
import Link from '@mui/material/Link';
import Typography from '@mui/material/Typography';
import { PLACES } from '@/ui/jump/places';
import { PageLink } from '@/ui/PageLink';
import { ToolPicture } from './ToolPicture';

/** The ways to everything that is not a plan. */
export function MoreTools() {
  return (
    <Box component="nav" aria-label="More tools" sx={{ mt: 4 }}>
      <Typography variant="h2" sx={{ mb: 1.5 }}>
        More tools
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
          <Box
            component="li"
            key={href}
            sx={{
              display: 'flex',
              gap: 1.5,
              alignItems: 'center',
              borderTop: 1,
              borderColor: 'divider',
              pt: 1,
            }}
          >
            <ToolPicture tool={href} />
            <div>
              <Link component={PageLink} href={href} color="inherit" sx={{ fontWeight: 700 }}>
                {name}
              </Link>
              <Typography variant="body2" color="textSecondary">
                {what}
              </Typography>
            </div>
          </Box>
        ))}
      </Box>
    </Box>
  );
}
