'use client';

import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Paper from '@mui/material/Paper';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { z } from 'zod';
import { askJson } from '@/ui/askJson';

/** Where a teacher’s own tablet comes in; groups are shown the way to their page. */
export function PasscodePage() {
  const router = useRouter();
  const [passcode, setPasscode] = useState('');
  const [problem, setProblem] = useState<string | null>(null);
  const enter = async (): Promise<void> => {
    const answer = await askJson('/api/passcode', z.object({ right: z.boolean() }), { passcode });
    if (answer.ok) router.push('/');
    else setProblem(answer.message);
  };
  return (
    <Box component="main" sx={{ maxWidth: 460, mx: 'auto', p: 2, pt: 5 }}>
      <Paper
        component="form"
        variant="outlined"
        sx={{ p: 3, display: 'grid', gap: 2 }}
        onSubmit={(event) => {
          event.preventDefault();
          void enter();
        }}
      >
        <Typography variant="h1">For the teacher</Typography>
        <TextField
          label="Passcode"
          type="password"
          value={passcode}
          autoComplete="off"
          onChange={(event) => setPasscode(event.target.value)}
          helperText="Six digits; they stand on the class board of the teacher’s computer."
          slotProps={{ htmlInput: { inputMode: 'numeric', maxLength: 6 } }}
        />
        <Button type="submit" variant="contained" disabled={passcode.length !== 6}>
          Come in
        </Button>
        {problem === null ? null : <Alert severity="error">{problem}</Alert>}
        <Button href="/join">I am in a group</Button>
      </Paper>
    </Box>
  );
}
