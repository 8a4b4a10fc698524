import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import Link from 'next/link';

export default function NotFound() {
  return (
    <Box component="main" sx={{ maxWidth: 520, mx: 'auto', p: 6 }}>
      <Typography variant="h1" gutterBottom>
        Nothing stands here
      </Typography>
      <Typography gutterBottom>
        The plan was taken off the shelf, or the address has a slip in it.
      </Typography>
      <Link href="/">To the shelf</Link>
    </Box>
  );
}
