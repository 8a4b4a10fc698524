'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useId, useState, type ReactNode } from 'react';
import { ExpandMoreIcon } from './icons';

interface FoldProps {
  readonly label: string;
  /** What stands there once it is opened; nothing of it is worked out before. */
  readonly children: ReactNode;
  readonly startsOpen?: boolean;
  readonly onToggle?: (open: boolean) => void;
}

/** A part that few need: a button with its name, and the part below it once pressed. */
export function Fold({ label, children, startsOpen = false, onToggle }: FoldProps) {
  const [open, setOpen] = useState(startsOpen);
  const content = useId();
  return (
    <div>
      <Button
        size="small"
        color="inherit"
        aria-expanded={open}
        aria-controls={open ? content : undefined}
        endIcon={
          <ExpandMoreIcon
            sx={{ transform: open ? 'rotate(180deg)' : 'none', transition: 'transform 120ms' }}
          />
        }
        onClick={() => {
          setOpen(!open);
          onToggle?.(!open);
        }}
      >
        {label}
      </Button>
      {open ? (
        <Box id={content} sx={{ pt: 1 }}>
          {children}
        </Box>
      ) : null}
    </div>
  );
}
