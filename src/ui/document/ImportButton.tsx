'use client';

import Button from '@mui/material/Button';
import { useRef } from 'react';
import type { DocumentKind } from '@/core/documents/documentKinds';
import { UploadIcon } from '../icons';
import { importRemote, type DocumentAnswer } from './documentApi';

interface ImportButtonProps {
  readonly kind: DocumentKind;
  readonly label: string;
  readonly onAnswer: (answer: DocumentAnswer) => void;
}

/** Picks an exported document from a file. */
export function ImportButton({ kind, label, onAnswer }: ImportButtonProps) {
  const input = useRef<HTMLInputElement>(null);
  const read = async (file: File): Promise<void> => {
    onAnswer(await importRemote(kind, file));
    // The same file can be chosen again after it was mended.
    if (input.current !== null) input.current.value = '';
  };
  return (
    <>
      <input
        ref={input}
        type="file"
        accept={kind === 'plans' ? '.json,.zip,application/json' : '.json,application/json'}
        hidden
        aria-label={`${label}: file`}
        onChange={(event) => {
          const file = event.target.files?.[0];
          if (file !== undefined) void read(file);
        }}
      />
      <Button startIcon={<UploadIcon />} onClick={() => input.current?.click()}>
        {label}
      </Button>
    </>
  );
}
