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

const joinedSchema = z.object({
  title: z.string(),
  groups: z.array(z.string()),
  seated: z.boolean(),
});

/** Two steps into a class: its code, then the group’s bird. No names. */
export function JoinPage({ initialCode }: { readonly initialCode: string }) {
  const router = useRouter();
  const [code, setCode] = useState(initialCode);
  const [found, setFound] = useState<z.infer<typeof joinedSchema> | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  const ask = async (group: string | null): Promise<void> => {
    setBusy(true);
    const answer = await askJson('/api/class/join', joinedSchema, { code, group });
    setBusy(false);
    if (!answer.ok) {
      setProblem(answer.message);
      return;
    }
    setProblem(null);
    if (answer.value.seated) router.push('/group');
    else setFound(answer.value);
  };
  return (
    <Box component="main" sx={{ maxWidth: 460, mx: 'auto', p: 2, pt: 5 }}>
      <Paper variant="outlined" sx={{ p: 3, display: 'grid', gap: 2 }}>
        <Typography variant="h1">{found === null ? 'Join your class' : found.title}</Typography>
        {found === null ? (
          <Box
            component="form"
            sx={{ display: 'grid', gap: 2 }}
            onSubmit={(event) => {
              event.preventDefault();
              void ask(null);
            }}
          >
            <TextField
              label="Code of the class"
              value={code}
              autoFocus
              autoComplete="off"
              onChange={(event) => setCode(event.target.value.toUpperCase())}
              helperText="Six letters or digits; your teacher shows it."
              slotProps={{
                htmlInput: {
                  maxLength: 8,
                  autoCapitalize: 'characters',
                  style: { fontSize: '1.6rem', letterSpacing: 4 },
                },
              }}
            />
            <Button
              type="submit"
              variant="contained"
              size="large"
              disabled={busy || code.trim() === ''}
            >
              Go on
            </Button>
          </Box>
        ) : (
          <>
            <Typography>Which group are you?</Typography>
            <Box sx={{ display: 'grid', gridTemplateColumns: '1fr 1fr', gap: 1 }}>
              {found.groups.map((group) => (
                <Button
                  key={group}
                  variant="outlined"
                  size="large"
                  disabled={busy}
                  onClick={() => void ask(group)}
                >
                  {group}
                </Button>
              ))}
            </Box>
            <Button onClick={() => setFound(null)}>Another code</Button>
          </>
        )}
        {problem === null ? null : <Alert severity="error">{problem}</Alert>}
        <Typography variant="caption" color="textSecondary">
          Nobody is asked for a name. Everything stays in this room’s network.
        </Typography>
      </Paper>
    </Box>
  );
}
