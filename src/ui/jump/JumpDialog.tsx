'use client';

import Box from '@mui/material/Box';
import Dialog from '@mui/material/Dialog';
import Typography from '@mui/material/Typography';
import { useRouter } from 'next/navigation';
import { useEffect, useId, useState } from 'react';
import * as z from 'zod/mini';
import { askJson } from '../askJson';
import { TextInput } from '../TextInput';
import { jumpTargets, type JumpTarget, type OpenPlan, type TitledPlan } from './targets';

const plansSchema = z.array(z.object({ id: z.string(), title: z.nullable(z.string()) }));

interface JumpDialogProps {
  /** The plan that is open; `null`: none. */
  readonly plan: OpenPlan | null;
  readonly onClose: () => void;
}

const NAMED = { paper: { 'aria-label': 'Go to' } } as const;

/** Type a few letters, go there. */
export function JumpDialog({ plan, onClose }: JumpDialogProps) {
  const router = useRouter();
  const [plans, setPlans] = useState<readonly TitledPlan[] | null>(null);
  /** Enter came before the plans: it goes where the words lead once they are there. */
  const [hurried, setHurried] = useState(false);
  const [typed, setTyped] = useState('');
  const [chosen, setChosen] = useState(0);
  const list = useId();
  useEffect(() => {
    void askJson('/api/plans', plansSchema).then((answer) => {
      // Without an answer there are all places but the plans.
      setPlans(answer.ok ? answer.value : []);
    });
  }, []);
  const targets = jumpTargets(typed, plans ?? [], plan);
  const at = Math.min(chosen, targets.length - 1);
  const go = (target: JumpTarget | undefined): void => {
    if (target === undefined) setHurried(plans === null);
    else {
      onClose();
      router.push(target.href);
    }
  };
  const [first] = targets;
  useEffect(() => {
    if (!hurried || plans === null || first === undefined) return;
    onClose();
    router.push(first.href);
  }, [hurried, plans, first, onClose, router]);
  const move = (by: 1 | -1): void =>
    setChosen((at + by + targets.length) % Math.max(1, targets.length));
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="xs" slotProps={NAMED}>
      <Box sx={{ p: 2 }}>
        <TextInput
          label="Go to a plan, tool, material or word, or what you want to do"
          value={typed}
          autoFocus
          fullWidth
          onChange={({ target }) => {
            setTyped(target.value);
            setChosen(0);
            setHurried(false);
          }}
          inputProps={{
            role: 'combobox',
            'aria-expanded': targets.length > 0,
            'aria-controls': list,
            'aria-activedescendant': at < 0 ? undefined : `${list}-${at}`,
          }}
          onKeyDown={(event) => {
            if (event.key === 'Enter') go(targets[at]);
            else if (event.key === 'ArrowDown') move(1);
            else if (event.key === 'ArrowUp') move(-1);
            else return;
            event.preventDefault();
          }}
        />
        <Box
          component="ul"
          id={list}
          role="listbox"
          aria-label="Places"
          sx={{ listStyle: 'none', p: 0, m: 0, mt: 1 }}
        >
          {targets.map((target, index) => (
            <Box
              key={`${target.href} ${target.name}`}
              component="li"
              id={`${list}-${index}`}
              role="option"
              aria-selected={index === at}
              onClick={() => go(target)}
              onMouseEnter={() => setChosen(index)}
              sx={{
                display: 'flex',
                justifyContent: 'space-between',
                gap: 2,
                px: 1.5,
                py: 1,
                borderRadius: 1,
                cursor: 'pointer',
                bgcolor: index === at ? 'action.selected' : 'transparent',
              }}
            >
              <span>{target.name}</span>
              <Typography variant="caption" color="textSecondary">
                {target.of ?? target.kind}
              </Typography>
            </Box>
          ))}
        </Box>
        {targets.length === 0 && plans !== null ? (
          <Typography variant="body2" color="textSecondary" role="status" sx={{ mt: 1 }}>
            Nothing has “{typed}” in its name.
          </Typography>
        ) : null}
      </Box>
    </Dialog>
  );
}
