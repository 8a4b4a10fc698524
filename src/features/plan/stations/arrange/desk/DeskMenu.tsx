'use client';

import IconButton from '@mui/material/IconButton';
import { useState } from 'react';
import { Hint } from '@/ui/Hint';
import { lazyPart } from '@/ui/lazyPart';
import { MoreIcon } from '@/ui/icons';

const DeskMenuItems = lazyPart(() =>
  import('./DeskMenuItems').then((module) => module.DeskMenuItems),
);

/** What else can be done with the desk: the cupboard, files. */
export function DeskMenu() {
  const [opened, setOpened] = useState(false);
  const [anchor, setAnchor] = useState<HTMLElement | null>(null);
  return (
    <>
      <Hint text="Cupboard, files">
        <IconButton
          size="small"
          aria-label="More about the desk"
          aria-haspopup="menu"
          onClick={(event) => {
            setOpened(true);
            setAnchor(event.currentTarget);
          }}
        >
          <MoreIcon fontSize="small" />
        </IconButton>
      </Hint>
      {opened ? <DeskMenuItems anchor={anchor} onClose={() => setAnchor(null)} /> : null}
    </>
  );
}
