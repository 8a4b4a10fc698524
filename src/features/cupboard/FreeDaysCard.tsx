'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import IconButton from '@mui/material/IconButton';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import {
  freeDaysSchema,
  MOST_FREE_DAYS,
  type FreeDays,
} from '@/core/records/cupboard/cupboardSchema';
import { dayWords } from '@/core/work/preparation/dayWords';
import { Card } from '@/ui/Card';
import { AddIcon, CloseIcon } from '@/ui/icons';
import { TextInput } from '@/ui/TextInput';

interface FreeDaysCardProps {
  readonly freeDays: readonly FreeDays[];
  readonly onChange: (freeDays: FreeDays[]) => void;
}

/** Days without school: nothing is planned on them. */
export function FreeDaysCard({ freeDays, onChange }: FreeDaysCardProps) {
  const [draft, setDraft] = useState({ from: '', to: '' });
  const [problem, setProblem] = useState<string | null>(null);
  const add = (): void => {
    const checked = freeDaysSchema.safeParse({ from: draft.from, to: draft.to || draft.from });
    if (!checked.success) return setProblem(checked.error.issues[0]?.message ?? null);
    setProblem(null);
    setDraft({ from: '', to: '' });
    onChange([...freeDays, checked.data].sort((a, b) => a.from.localeCompare(b.from)));
  };
  const date = (label: string, key: 'from' | 'to') => (
    <TextInput
      label={label}
      type="date"
      value={draft[key]}
      onChange={(event) => setDraft({ ...draft, [key]: event.target.value })}
      error={problem !== null}
      helperText={key === 'to' ? (problem ?? 'Empty: one day') : undefined}
    />
  );
  return (
    <Card title="Days without school">
      <Box component="ul" aria-label="Days without school" sx={{ listStyle: 'none', m: 0, p: 0 }}>
        {freeDays.map(({ from, to }, index) => {
          const words = from === to ? dayWords(from) : `${dayWords(from)} to ${dayWords(to)}`;
          const named = `${words} ${to.slice(0, 4)}`;
          return (
            <Box
              component="li"
              key={`${from} ${to}`}
              sx={{ display: 'flex', alignItems: 'center', gap: 1 }}
            >
              <Typography variant="body2" sx={{ flex: 1 }}>
                {named}
              </Typography>
              <IconButton
                size="small"
                aria-label={`Without ${named}`}
                onClick={() => onChange(freeDays.filter((_, other) => other !== index))}
              >
                <CloseIcon fontSize="small" />
              </IconButton>
            </Box>
          );
        })}
      </Box>
      <Box sx={{ display: 'grid', gap: 1.5, gridTemplateColumns: '1fr 1fr', mt: 1.5 }}>
        {date('First free day', 'from')}
        {date('Last free day', 'to')}
      </Box>
      <Button
        size="small"
        startIcon={<AddIcon />}
        disabled={draft.from === '' || freeDays.length >= MOST_FREE_DAYS}
        onClick={add}
      >
        Add
      </Button>
    </Card>
  );
}
