import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import type { MetalPairAnswer, MetalPairQuestion } from '@/core/physics/cell/metalPair';
import { METAL_FACT } from '@/core/physics/cell/metals';
import { Card } from '@/ui/Card';
import { Choice } from '@/ui/Choice';

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
      <Typography variant="body2" color="textSecondary">
        The fruit holds no electricity: the metal that dissolves is the fuel, the liquid lets ions
        move. An LED’s anode (long leg) goes to the battery’s +.
      </Typography>
    </Card>
  );
}
