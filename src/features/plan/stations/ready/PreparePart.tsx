'use client';

import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import type { Lesson } from '@/core/records/plan/lessonSchema';
import { clockMinutes, type CuttingStep } from '@/core/work/preparation/cutting';
import type { MixingCard as MixingCardFacts } from '@/core/work/preparation/mixingCards';
import type { LessonFacts } from '@/core/work/preparation/sheets/lessonFacts';
import { cautionsOf } from '@/core/physics/safety/cautions';
import { formatNumber } from '@/core/units';
import { counted } from '@/core/words';
import { Card } from '@/ui/Card';
import { CautionList } from '@/ui/CautionList';
import { Choice } from '@/ui/Choice';
import { CountStepper } from '@/ui/CountStepper';
import { useLocalUnits } from '@/ui/useLocalUnits';
import { useEdit } from '../../PlanProvider';
import { withLesson } from './lessonEdits';

/** What is cut, sanded, folded and mixed beforehand, and how long that takes with the hands there are. */
export function PreparePart({ facts }: { facts: LessonFacts }) {
  const { kit, plan } = facts;
  const edit = useEdit();
  const { lesson } = plan;
  const change = (part: Partial<Lesson>): void => edit((before) => withLesson(before, part));
  return (
    <Box sx={{ display: 'grid', gap: 1.5 }}>
      <Box
        sx={{
          display: 'flex',
          flexWrap: 'wrap',
          alignItems: 'center',
          gap: 2,
          '& .MuiToggleButtonGroup-root': { mb: 0 },
        }}
      >
        <CountStepper
          label="pairs of hands"
          value={lesson.hands}
          least={1}
          most={40}
          onChange={(hands) => change({ hands })}
        />
        <Choice
          label="Paper"
          value={lesson.paper}
          options={[
            ['A4', 'A4'],
            ['Letter', 'US Letter'],
          ]}
          onChange={(paper) => change({ paper })}
        />
      </Box>
      {kit.cutting.length + kit.mixing.length === 0 ? (
        <Alert severity="info">Nothing has to be cut or mixed for this battery.</Alert>
      ) : null}
      <Box sx={{ display: 'grid', gap: 1.5, gridTemplateColumns: { md: '1fr 1fr' } }}>
        {kit.cutting.map((step) => (
          <Cutting key={step.id + step.title} step={step} hands={lesson.hands} />
        ))}
        {kit.mixing.map((card) => (
          <Mixing key={card.title} card={card} />
        ))}
      </Box>
    </Box>
  );
}

function Cutting({ step, hands }: { step: CuttingStep; hands: number }) {
  const local = useLocalUnits();
  return (
    <Card title={step.title}>
      <Box component="ul" sx={{ pl: 2.25, m: 0 }}>
        {step.lines.map((line) => (
          <Typography key={line} component="li" variant="body2" sx={{ mb: 0.5 }}>
            {local(line)}
          </Typography>
        ))}
      </Box>
      <Typography sx={{ mt: 1, fontWeight: 600 }}>
        {counted(clockMinutes(step.handMinutes, hands), 'minute', 'minutes')} with{' '}
        {hands === 1 ? 'one pair of hands' : `${hands} pairs of hands`}
      </Typography>
      {step.id === 'sanding' ? <CautionList cautions={cautionsOf(['coins', 'dust'])} /> : null}
    </Card>
  );
}

function Mixing({ card }: { card: MixingCardFacts }) {
  const local = useLocalUnits();
  return (
    <Card title={local(`${card.title}, ${formatNumber(card.millilitres)} mL`)}>
      {card.refused === null ? (
        <>
          {card.ingredients.map(({ words }) => (
            <Typography key={words} sx={{ fontWeight: 700 }}>
              {local(words)}
            </Typography>
          ))}
          {[
            card.order,
            `Label: ${card.label}`,
            `Keep: ${card.storage}`,
            `Afterwards: ${card.disposal}`,
          ].map((line) => (
            <Typography key={line} variant="body2" sx={{ mt: 0.75 }}>
              {local(line)}
            </Typography>
          ))}
          <Box sx={{ mt: 1 }}>
            <CautionList cautions={cautionsOf(card.cautions)} />
          </Box>
        </>
      ) : (
        <Alert severity="error">{card.refused}</Alert>
      )}
    </Card>
  );
}
