'use client';

import { mainAndSide } from '@/ui/mainAndSide';
import Box from '@mui/material/Box';
import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';
import Typography from '@mui/material/Typography';
import { AGE_BAND_NAMES } from '@/core/records/plan/lessonSchema';
import { originWords } from '@/core/work/preparation/cautionsOfPlan';
import { checklistOf } from '@/core/work/preparation/sheets/checklist';
import type { LessonFacts } from '@/core/work/preparation/sheets/lessonFacts';
import { sheetsAllowed } from '@/core/work/preparation/sheets/sheetsOfLesson';
import { SHEET_IDS, SHEET_NAMES } from '@/core/work/preparation/sheets/sheet';
import { cautionsForPupils } from '@/core/physics/safety/cautions';
import { cupboardSchema, type CupboardState } from '@/core/records/cupboard/cupboardSchema';
import type { useTool } from '@/ui/document/useTool';
import { WordsField } from '@/ui/WordsField';
import { DEFERRAL } from '@/core/physics/safety/deferral';
import { Card } from '@/ui/Card';
import { useEdit } from '../../PlanProvider';
import { withTicked } from './lessonEdits';

interface SafetyPartProps {
  readonly facts: LessonFacts;
  readonly bench: ReturnType<typeof useTool<CupboardState>>;
}

/** Every caution with where it comes from, to be ticked; what is not made for this class, and why. */
export function SafetyPart({ facts, bench }: SafetyPartProps) {
  const edit = useEdit();
  const { ticked, ageBand } = facts.plan.lesson;
  const points = checklistOf(facts);
  const done = points.filter(({ id }) => ticked.includes(id)).length;
  const told = cautionsForPupils(
    facts.cautions.map(({ id }) => id),
    ageBand === 'under-11',
  );
  const allowed = sheetsAllowed(facts);
  const withheld = SHEET_IDS.filter((id) => !allowed.includes(id));
  return (
    <Box sx={mainAndSide(320)}>
      <Card title={`Checklist: ${done} of ${points.length}`}>
        <Box component="ul" sx={{ listStyle: 'none', m: 0, p: 0 }} aria-label="Checklist">
          {points.map(({ id, text, from }) => (
            <Box component="li" key={id} sx={{ borderBottom: 1, borderColor: 'divider', py: 0.5 }}>
              <FormControlLabel
                control={
                  <Checkbox
                    size="small"
                    checked={ticked.includes(id)}
                    onChange={(_, checked) => edit((before) => withTicked(before, id, checked))}
                  />
                }
                label={text}
                slotProps={{ typography: { variant: 'body2' } }}
              />
              {from === '' ? null : (
                <Typography variant="caption" color="textSecondary" component="p" sx={{ pl: 4 }}>
                  {sourcesOf(facts, id)}
                </Typography>
              )}
            </Box>
          ))}
        </Box>
      </Card>
      <Box sx={{ display: 'grid', gap: 1.5 }}>
        <Card title="Who may do it">
          <Typography variant="body2">
            {facts.gate.verdict === 'class'
              ? `Pupils of this class (${AGE_BAND_NAMES[ageBand]}) can build it.`
              : facts.gate.reason}
          </Typography>
          {withheld.length === 0 ? null : (
            <Typography variant="body2" sx={{ mt: 1 }}>
              Not made for this class: {withheld.map((id) => SHEET_NAMES[id]).join(', ')}.
            </Typography>
          )}
        </Card>
        {told.length === 0 ? null : (
          <Card title="Say this to the class">
            <Box component="ul" sx={{ m: 0, pl: 2.5 }} aria-label="Say this to the class">
              {told.map(({ id, text }) => (
                <li key={id}>{text}</li>
              ))}
            </Box>
          </Card>
        )}
        <Card title="What stays with your school">
          <Typography variant="body2" sx={{ mb: 1.5 }}>
            {DEFERRAL}
          </Typography>
          <WordsField
            label="Rules of your school"
            value={bench.state.rules}
            schema={cupboardSchema.shape.rules.def.innerType}
            onCommit={(rules) => bench.change({ rules })}
            helperText="Printed on every sheet of every plan."
            multiline
            fullWidth
          />
        </Card>
      </Box>
    </Box>
  );
}

/** Where a caution of the checklist applies: `recipe: …; material: …`. */
function sourcesOf({ cautions }: LessonFacts, id: string): string {
  return (
    cautions
      .find((caution) => caution.id === id)
      ?.from.map(originWords)
      .join('; ') ?? ''
  );
}
