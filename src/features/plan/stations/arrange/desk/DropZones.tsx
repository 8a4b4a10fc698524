'use client';

import { useDndContext, useDroppable } from '@dnd-kit/core';
import Box from '@mui/material/Box';

export const BIN = 'bin';
export const NEW_STRING = 'new-string';

/** Where a dragged cell can be put besides between others; shown only while one is dragged. */
export function DropZones() {
  const { active } = useDndContext();
  return (
    <Box
      aria-hidden={active === null}
      sx={{
        display: 'grid',
        gridTemplateColumns: '1fr 1fr',
        gap: 1,
        height: active === null ? 0 : 44,
        overflow: 'hidden',
      }}
    >
      <Zone id={NEW_STRING}>Here: a string of its own</Zone>
      <Zone id={BIN}>Here: take it away</Zone>
    </Box>
  );
}

function Zone({ id, children }: { id: string; children: string }) {
  const { setNodeRef, isOver } = useDroppable({ id });
  return (
    <Box
      ref={setNodeRef}
      sx={{
        display: 'grid',
        placeItems: 'center',
        border: '2px dashed',
        borderColor: isOver ? 'primary.main' : 'divider',
        borderRadius: 1,
        bgcolor: isOver ? 'primary.light' : 'transparent',
        fontSize: '0.85rem',
      }}
    >
      {children}
    </Box>
  );
}
