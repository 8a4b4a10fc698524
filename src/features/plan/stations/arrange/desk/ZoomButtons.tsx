import ZoomInIcon from '@mui/icons-material/ZoomIn';
import ZoomOutIcon from '@mui/icons-material/ZoomOut';
import Box from '@mui/material/Box';
import IconButton from '@mui/material/IconButton';

const STEPS = [1, 1.5, 2.25, 3.4] as const;

/** Larger and smaller desk; the smallest fits its frame. */
export function ZoomButtons({ zoom, onZoom }: { zoom: number; onZoom: (zoom: number) => void }) {
  const at = STEPS.findIndex((step) => step >= zoom);
  const smaller = STEPS[at - 1];
  const larger = STEPS[at + 1];
  return (
    <Box role="group" aria-label="Size of the desk picture" sx={{ display: 'flex' }}>
      <IconButton
        size="small"
        aria-label="Smaller"
        disabled={smaller === undefined}
        onClick={() => onZoom(smaller ?? zoom)}
      >
        <ZoomOutIcon fontSize="small" />
      </IconButton>
      <IconButton
        size="small"
        aria-label="Larger"
        disabled={larger === undefined}
        onClick={() => onZoom(larger ?? zoom)}
      >
        <ZoomInIcon fontSize="small" />
      </IconButton>
    </Box>
  );
}
