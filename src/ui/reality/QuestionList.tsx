'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import ButtonBase from '@mui/material/ButtonBase';
import IconButton from '@mui/material/IconButton';
import Typography from '@mui/material/Typography';
import { useState, type ReactNode } from 'react';
import { CLAIM_IDS, CLAIMS } from '@/core/work/reality/claims';
import { EXAMPLE_WISHES } from '@/core/work/reality/exampleWishes';
import type { Question } from '@/core/work/reality/question';
import { MAX_WISHES, type Wish } from '@/core/records/plan/wishSchema';
import { capital } from '@/core/words';
import { Card } from '../Card';
import { AddIcon, DeleteIcon, EditIcon } from '../icons';
import { addressOf } from './questionInAddress';
import { WishDialog } from './WishDialog';

interface QuestionListProps {
  readonly asked: Question;
  readonly wishes: readonly Wish[];
  readonly onWishes: (wishes: Wish[]) => void;
}

/** What can be asked: wishes, one's own among them, and claims. */
export function QuestionList({ asked, wishes, onWishes }: QuestionListProps) {
  /** Place of the wish that is typed; the one after the last is a new one. */
  const [typing, setTyping] = useState<number | null>(null);
  const isAsked = (kind: Question['kind'], id: string): boolean =>
    asked.kind === kind && asked.kind !== 'own' && asked.id === id;
  return (
    <Card title="How many would it take to …?">
      <List label="Examples">
        {EXAMPLE_WISHES.map(({ id, wish }) => (
          <Question
            key={id}
            chosen={isAsked('example', id)}
            onClick={() => ask(addressOf({ kind: 'example', id }))}
          >
            {capital(wish.name)}
          </Question>
        ))}
      </List>
      <Heading>Your own wishes</Heading>
      <List label="Your own wishes">
        {wishes.map((wish, index) => (
          <Question
            key={`${index} ${wish.name}`}
            chosen={asked.kind === 'own' && asked.wish === wish}
            onClick={() => ask(addressOf({ kind: 'own', index }))}
            action={
              <>
                <IconButton
                  size="small"
                  aria-label={`Change “${wish.name}”`}
                  onClick={() => setTyping(index)}
                >
                  <EditIcon fontSize="small" />
                </IconButton>
                <IconButton
                  size="small"
                  aria-label={`Take “${wish.name}” off the list`}
                  onClick={() => onWishes(wishes.filter((_, other) => other !== index))}
                >
                  <DeleteIcon fontSize="small" />
                </IconButton>
              </>
            }
          >
            {capital(wish.name)}
          </Question>
        ))}
      </List>
      <Button
        size="small"
        startIcon={<AddIcon />}
        disabled={wishes.length >= MAX_WISHES}
        onClick={() => setTyping(wishes.length)}
      >
        Your own question
      </Button>
      <Heading>Is it true that …?</Heading>
      <List label="Claims">
        {CLAIM_IDS.map((id) => (
          <Question
            key={id}
            chosen={isAsked('claim', id)}
            onClick={() => ask(addressOf({ kind: 'claim', id }))}
          >
            {CLAIMS[id]}
          </Question>
        ))}
      </List>
      {typing === null ? null : (
        <WishDialog
          {...(wishes[typing] === undefined ? {} : { before: wishes[typing] })}
          onClose={() => setTyping(null)}
          onWish={(wish) => {
            setTyping(null);
            onWishes([...wishes.slice(0, typing), wish, ...wishes.slice(typing + 1)]);
            ask(addressOf({ kind: 'own', index: typing }));
          }}
        />
      )}
    </Card>
  );
}

/** Names the question in the address, so that its answer can be linked to. */
function ask(address: string): void {
  window.history.replaceState(null, '', `?ask=${address}`);
}

function Heading({ children }: { readonly children: ReactNode }) {
  return (
    <Typography variant="h3" sx={{ mt: 2, mb: 0.5, fontSize: '1rem' }}>
      {children}
    </Typography>
  );
}

function List({ label, children }: { readonly label: string; readonly children: ReactNode }) {
  return (
    <Box component="ul" aria-label={label} sx={{ listStyle: 'none', m: 0, p: 0 }}>
      {children}
    </Box>
  );
}

interface QuestionProps {
  readonly chosen: boolean;
  readonly onClick: () => void;
  readonly action?: ReactNode;
  readonly children: ReactNode;
}

function Question({ chosen, onClick, action, children }: QuestionProps) {
  return (
    <Box component="li" sx={{ display: 'flex', alignItems: 'center' }}>
      <ButtonBase
        aria-pressed={chosen}
        onClick={onClick}
        sx={{
          flex: 1,
          justifyContent: 'flex-start',
          textAlign: 'left',
          fontFamily: 'inherit',
          fontSize: '0.92rem',
          fontWeight: chosen ? 700 : 400,
          px: 1,
          py: 0.6,
          borderLeft: 3,
          borderColor: chosen ? 'primary.main' : 'divider',
          '&:focus-visible': { outline: 2 },
        }}
      >
        {children}
      </ButtonBase>
      {action}
    </Box>
  );
}
