'use client';

import Button from '@mui/material/Button';
import { useState } from 'react';
import { lazyPart } from '@/ui/lazyPart';

const CellTypesDialog = lazyPart(() =>
  import('./CellTypesDialog').then((module) => module.CellTypesDialog),
);

/** Opens the table of all types. */
export function CellTypesButton() {
  const [opened, setOpened] = useState(false);
  return (
    <>
      <Button size="small" onClick={() => setOpened(true)}>
        Compare all cell types
      </Button>
      {opened ? <CellTypesDialog onClose={() => setOpened(false)} /> : null}
    </>
  );
}
