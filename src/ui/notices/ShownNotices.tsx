'use client';

import Button from '@mui/material/Button';
import { SnackbarProvider, useSnackbar } from 'notistack';
import { useEffect, useRef } from 'react';
import { useStore } from 'zustand';
import { noticeStore } from './notices';

const SHOWN_MS = 8000;

/** The notices that are shown just now, three at most. */
export function ShownNotices() {
  return (
    <SnackbarProvider
      maxSnack={3}
      autoHideDuration={SHOWN_MS}
      anchorOrigin={{ vertical: 'bottom', horizontal: 'center' }}
    >
      <Each />
    </SnackbarProvider>
  );
}

function Each() {
  const { enqueueSnackbar, closeSnackbar } = useSnackbar();
  const notices = useStore(noticeStore);
  const last = useRef(0);
  useEffect(() => {
    for (const { id, text, undo } of notices) {
      if (id <= last.current) continue;
      last.current = id;
      enqueueSnackbar(text, {
        action:
          undo === null
            ? null
            : (key) => (
                <Button
                  color="inherit"
                  size="small"
                  onClick={() => {
                    closeSnackbar(key);
                    undo();
                  }}
                >
                  Undo
                </Button>
              ),
      });
    }
  }, [notices, enqueueSnackbar, closeSnackbar]);
  return null;
}
