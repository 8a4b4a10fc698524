'use client';

import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableRow from '@mui/material/TableRow';
import { SHORTCUTS } from './useShortcuts';

export function ShortcutList({ onClose }: { readonly onClose: () => void }) {
  return (
    <Dialog open onClose={onClose} aria-labelledby="shortcuts-title">
      <DialogTitle id="shortcuts-title">Keys</DialogTitle>
      <DialogContent>
        <Table size="small" aria-labelledby="shortcuts-title">
          <TableBody>
            {SHORTCUTS.map(({ keys, what }) => (
              <TableRow key={keys}>
                <TableCell component="th" scope="row" sx={{ fontWeight: 700 }}>
                  {keys}
                </TableCell>
                <TableCell>{what}</TableCell>
              </TableRow>
            ))}
          </TableBody>
        </Table>
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>Close</Button>
      </DialogActions>
    </Dialog>
  );
}
