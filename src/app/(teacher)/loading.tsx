import Box from '@mui/material/Box';
import CircularProgress from '@mui/material/CircularProgress';

export default function Loading() {
  return (
    <Box role="status" sx={{ display: 'grid', placeItems: 'center', minHeight: '60vh' }}>
      <CircularProgress aria-label="Opening the page" />
    </Box>
  );
}
