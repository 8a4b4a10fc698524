import Box from '@mui/material/Box';
import IconButton from '@mui/material/IconButton';
import { ZoomInIcon, ZoomOutIcon } from '@/ui/icons';

const STEPS: readonly number[] = [1, 1.5, 2.25, 3.4];
export const MAX_ZOOM = 3.4;

/** Larger and smaller desk; the smallest fits its frame. */
export function ZoomButtons({ zoom, onZoom }: { zoom: number; onZoom: (zoom: number) => void }) {
  const smaller = STEPS.findLast((step) => step < zoom);
  const larger = STEPS.find((step) => step > zoom);
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
