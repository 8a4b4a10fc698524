'use client';

import UploadIcon from '@mui/icons-material/FileUploadOutlined';
import Button from '@mui/material/Button';
import { useRef } from 'react';
import { importPlan, type ShelfAnswer } from './shelfApi';

/** Picks an exported plan from a file. */
export function ImportButton({ onAnswer }: { onAnswer: (answer: ShelfAnswer) => void }) {
  const input = useRef<HTMLInputElement>(null);
  const read = async (file: File): Promise<void> => {
    onAnswer(await importPlan(await file.text()));
    // The same file can be chosen again after it was mended.
    if (input.current !== null) input.current.value = '';
  };
  return (
    <>
      <input
        ref={input}
        type="file"
        accept=".json,application/json"
        hidden
        aria-label="Plan file"
        onChange={(event) => {
          const file = event.target.files?.[0];
          if (file !== undefined) void read(file);
        }}
      />
      <Button startIcon={<UploadIcon />} onClick={() => input.current?.click()}>
        Import a plan
      </Button>
    </>
  );
}
