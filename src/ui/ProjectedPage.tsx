'use client';

import Box from '@mui/material/Box';
import IconButton from '@mui/material/IconButton';
import { useState, useSyncExternalStore, type ReactNode } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import { KEYS_WHILE_NOT_TYPING } from './document/useUndoKeys';
import { Hint } from './Hint';
import { ProjectorIcon } from './icons';

/** The smallest text of a page, pixels. */
const SMALLEST_TEXT = 12.5;
/** On a projected picture nothing that matters is smaller than this share of its height. */
const LEAST_SHARE = 1 / 50;

function onResize(tell: () => void): () => void {
  window.addEventListener('resize', tell);
  return () => window.removeEventListener('resize', tell);
}

/**
 * A page for the back row: by its press or the key B all of it is enlarged until its smallest text can be read from there, also
 * where the window goes on to another screen.
 * @param children gets the press, to stand where the page has its others
 */
export function ProjectedPage({ children }: { children: (press: ReactNode) => ReactNode }) {
  const [isProjected, setProjected] = useState(false);
  const height = useSyncExternalStore(
    onResize,
    () => window.innerHeight,
    () => 0,
  );
  const zoom = isProjected ? Math.max(1.05, (height * LEAST_SHARE) / SMALLEST_TEXT) : 1;
  const toggle = (): void => setProjected((before) => !before);
  useHotkeys('b', toggle, KEYS_WHILE_NOT_TYPING);
  useHotkeys('escape', () => setProjected(false), KEYS_WHILE_NOT_TYPING);
  return (
    <Box sx={{ zoom }}>
      {children(
        <Hint text="Projector view (B)">
          <IconButton aria-label="Projector view" aria-pressed={isProjected} onClick={toggle}>
            <ProjectorIcon fontSize="small" />
          </IconButton>
        </Hint>,
      )}
    </Box>
  );
}
