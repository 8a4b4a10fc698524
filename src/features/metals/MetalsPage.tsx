'use client';

import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import { Selection } from '@/ui/TextInput';
import Typography from '@mui/material/Typography';
import {
  MEDIA,
  type Medium,
  type MetalPairAnswer,
  type MetalPairQuestion,
  solveMetalPair,
} from '@/core/physics/cell/metalPair';
import { METAL_FACT, METALS } from '@/core/physics/cell/metals';
import { METALS_DOCUMENT } from '@/core/documents/tools/metalsDocument';
import { Card } from '@/ui/Card';
import { Choice } from '@/ui/Choice';
import { DocumentFrame } from '@/ui/document/DocumentFrame';
import { type FoundTool, useTool } from '@/ui/document/useTool';
import { PotentialLadder } from './PotentialLadder';
import { VoltsCompared } from './VoltsCompared';

const MEDIUM_NAMES: Readonly<Record<Medium, string>> = {
  fruit: 'Fruit, juice or vinegar',
  'salt-water': 'Salt water',
  'own-salts': 'Each in its own salt',
};

/** Two metals and what is wet between them: which is +, how many volts, and why. */
export function MetalsPage({ found }: { found: FoundTool<MetalPairQuestion> }) {
  const { open, state, change } = useTool('metals', METALS_DOCUMENT, found);
  const answer = solveMetalPair(state);
  const metalField = (label: string, key: 'first' | 'second') => (
    <Selection
      label={label}
      value={state[key]}
      onChange={(chosen) => change({ [key]: chosen })}
      options={METALS.map((metal) => [metal, METAL_FACT[metal].name] as const)}
    />
  );
  return (
    <DocumentFrame
      open={open}
      heading="Metals and potentials"
      back={{ href: '/', name: 'Back to the shelf' }}
    >
      <Box
        sx={{
          display: 'grid',
          gap: 2,
          gridTemplateColumns: { md: 'minmax(0, 5fr) minmax(0, 6fr)' },
          alignItems: 'start',
        }}
      >
        <Card title="Which two metals?">
          <Box sx={{ display: 'grid', gap: 2, gridTemplateColumns: '1fr 1fr', my: 1.5 }}>
            {metalField('One metal', 'first')}
            {metalField('The other', 'second')}
          </Box>
          <Choice
            label="Electrolyte"
            value={state.medium}
            options={MEDIA.map((medium) => [medium, MEDIUM_NAMES[medium]] as const)}
            onChange={(medium) => change({ medium })}
          />
          <PotentialLadder question={state} answer={answer} />
        </Card>
        <Box sx={{ display: 'grid', gap: 2 }}>
          {answer.status === 'identical' ? (
            <Card title="What the meter reads">
              <Alert severity="info" data-testid="metal-answer">
                {answer.why}
              </Alert>
            </Card>
          ) : (
            <>
              <VoltsCompared answer={answer} />
              <ElectrodesAtWork
                answer={answer}
                wording={state.wording}
                onWording={(wording) => change({ wording })}
              />
            </>
          )}
          <Typography variant="caption" color="textSecondary">
            Standard potentials at 25 °C: CRC Handbook of Chemistry and Physics, “Electrochemical
            Series”, from memory. In salt water: galvanic series (ASTM G82), in a still cup, from
            memory.
          </Typography>
        </Box>
      </Box>
    </DocumentFrame>
  );
}

type CellAnswer = Extract<MetalPairAnswer, { status: 'cell' }>;
type Wording = MetalPairQuestion['wording'];

interface ElectrodesAtWorkProps {
  readonly answer: CellAnswer;
  readonly wording: Wording;
  readonly onWording: (wording: Wording) => void;
}

/** What happens at each electrode, in words for school or as half-reactions. */
export function ElectrodesAtWork({ answer, wording, onWording }: ElectrodesAtWorkProps) {
  const sides = [
    { sign: '−', role: 'the anode: oxidation, electrons leave', electrode: answer.minus },
    { sign: '+', role: 'the cathode: reduction, electrons arrive', electrode: answer.plus },
  ];
  return (
    <Card
      title="What happens at each"
      actions={
        <Choice
          label="Wording"
          value={wording}
          options={[
            ['school', 'School'],
            ['university', 'University'],
          ]}
          onChange={onWording}
        />
      }
    >
      {sides.map(({ sign, role, electrode }) => (
        <Box
          key={sign}
          sx={{ mb: 1.25 }}
          data-testid={`electrode-${sign === '+' ? 'plus' : 'minus'}`}
        >
          <Typography variant="h3">
            {sign} {METAL_FACT[electrode.metal].name}, {role}
          </Typography>
          {electrode[wording].map((line) => (
            <Typography key={line} variant="body2">
              {line}
            </Typography>
          ))}
        </Box>
      ))}
      {wording === 'university' && answer.overall.length > 0 ? (
        <Typography variant="body2" sx={{ mb: 1 }} data-testid="overall">
          Together: {answer.overall.join('; ')}
        </Typography>
      ) : null}
      <Typography variant="body2" color="textSecondary">
        The energy comes from the metal that dissolves and from what takes up its electrons, the
        acid’s hydrogen ions or oxygen. Electrons go through the wire from − to +, ions through the
        liquid: positive ones towards the + metal. An LED’s anode (long leg) goes to the battery’s
        +.
      </Typography>
    </Card>
  );
}
