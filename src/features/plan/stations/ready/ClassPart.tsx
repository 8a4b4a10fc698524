'use client';

import { PlanQuantity } from '../../PlanQuantity';
import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { Selection } from '@/ui/TextInput';
import Typography from '@mui/material/Typography';
import { AGE_BAND_NAMES, AGE_BANDS, type Lesson } from '@/core/records/plan/lessonSchema';
import type { LessonFacts } from '@/core/work/preparation/sheets/lessonFacts';
import { sparesOf } from '@/core/work/preparation/sparesOf';
import { formatNumber } from '@/core/units';
import { Card } from '@/ui/Card';
import { Choice } from '@/ui/Choice';
import { useEdit } from '../../PlanProvider';
import { LessonDate } from '../power/LessonDate';
import { ClockField } from '@/ui/dates/ClockField';
import { withLesson } from './lessonEdits';
import { MeterQueueCard } from './MeterQueueCard';
import { MEASURING_NAMES } from '@/core/work/lesson/measuring';

type Count = 'pupils' | 'groups' | 'meters' | 'minutes' | 'mostWaitMinutes';

/** Whom the lesson is for, and what follows for groups, cells and the meter. */
export function ClassPart({ facts }: { facts: LessonFacts }) {
  const edit = useEdit();
  const { plan, kit } = facts;
  const { lesson } = plan;
  const change = (part: Partial<Lesson>, typing?: string): void =>
    edit((before) => withLesson(before, part), typing);
  const count = (label: string, key: Count) => (
    <PlanQuantity path={`lesson.${key}`} label={label} kind="count" />
  );
  return (
    <Box
      sx={{
        display: 'grid',
        gap: 1.5,
        gridTemplateColumns: { lg: '1fr 1fr' },
        alignItems: 'start',
      }}
    >
      <Card title="The class">
        <Box
          sx={{
            display: 'grid',
            gap: 2,
            gridTemplateColumns: 'repeat(auto-fit, minmax(9.5rem, 1fr))',
            mt: 1,
          }}
        >
          {count('Pupils', 'pupils')}
          {count('Groups', 'groups')}
          {count('Meters', 'meters')}
          {count('Minutes of the lesson', 'minutes')}
          <ClockField
            label="Begins at"
            value={lesson.startsAt}
            onCommit={(startsAt) => change({ startsAt }, 'startsAt')}
          />
          <Selection
            label="Age"
            value={lesson.ageBand}
            onChange={(chosen) => change({ ageBand: chosen })}
            options={AGE_BANDS.map((band) => [band, AGE_BAND_NAMES[band]] as const)}
          />
        </Box>
        <LessonDate />
        <GroupWords facts={facts} />
        {facts.gate.pupilSheet ? (
          <OneCellAPupil facts={facts} onGroups={(groups) => change({ groups })} />
        ) : null}
        <Typography variant="h3" sx={{ mt: 2, mb: 1 }}>
          Spare cells
        </Typography>
        <Choice
          label="Spare cells"
          value={lesson.spares}
          options={[
            ['one-in-six', 'one in six, as is usual'],
            ['from-chance', 'enough in 95 of 100 classes'],
          ]}
          onChange={(spares) => change({ spares })}
        />
        <Typography variant="body2" color="textSecondary">
          {kit.spareCells} for {kit.cellsInGroup * kit.groups} cells. The other rule gives{' '}
          {sparesOf(kit.cellsInGroup * kit.groups, {
            spares: lesson.spares === 'one-in-six' ? 'from-chance' : 'one-in-six',
          })}
          .
        </Typography>
      </Card>
      {facts.gate.pupilSheet ? (
        <Box sx={{ display: 'grid', gap: 1.5 }}>
          <MeterQueueCard facts={facts}>
            {count('Longest wait (min)', 'mostWaitMinutes')}
          </MeterQueueCard>
          <LessonCourseCard facts={facts} />
        </Box>
      ) : null}
    </Box>
  );
}

function GroupWords({ facts: { plan, kit, groupNames, gate } }: { facts: LessonFacts }) {
  const { least, most } = kit.pupilsInGroup;
  const pupils = least === most ? `${most}` : `${least} or ${most}`;
  const each = kit.cellsInGroup / Math.max(1, least);
  if (!gate.pupilSheet) {
    return (
      <Typography variant="body2" sx={{ mt: 2 }} data-testid="group-words">
        {gate.preparing
          ? `A demonstration: an adult builds the ${kit.cellsInGroup} cells once.`
          : 'Figures only: pupils build nothing of this.'}
      </Typography>
    );
  }
  return (
    <Typography variant="body2" sx={{ mt: 2 }} data-testid="group-words">
      {plan.lesson.groups} groups of {pupils} pupils, each with {kit.cellsInGroup} cells to build:{' '}
      {each <= 1 ? 'one a pupil, or fewer' : `about ${formatNumber(each, 2)} a pupil`}. Groups:{' '}
      {groupNames.slice(0, 12).join(', ')}
      {groupNames.length > 12 ? ', …' : ''}.
    </Typography>
  );
}

/** The number of groups in which every pupil builds one cell, offered where it is another one. */
function OneCellAPupil({
  facts: { plan, kit },
  onGroups,
}: {
  facts: LessonFacts;
  onGroups: (groups: number) => void;
}) {
  const groups = Math.max(1, Math.round(plan.lesson.pupils / kit.cellsInGroup));
  if (groups === plan.lesson.groups) return null;
  return (
    <Alert
      severity="info"
      icon={false}
      sx={{ mt: 1.5 }}
      action={
        <Button color="inherit" size="small" onClick={() => onGroups(groups)}>
          Make it {groups === 1 ? 'one group' : `${groups} groups`}
        </Button>
      }
    >
      With one cell a pupil it would be {groups === 1 ? 'one group' : `${groups} groups`} and{' '}
      {groups * kit.cellsInGroup} cells instead of {kit.groups * kit.cellsInGroup}.
    </Alert>
  );
}

/** The lesson by phase, each as long as its bar. */
export function LessonCourseCard({ facts }: { facts: LessonFacts }) {
  const { course, plan, measuring } = facts;
  const edit = useEdit();
  return (
    <Card title={`${formatNumber(course.minutes)} min planned, ${plan.lesson.minutes} available`}>
      {course.over > 0 ? (
        <Alert severity="warning" sx={{ mb: 1 }} data-testid="too-long">
          {formatNumber(course.over)} minutes too long even with the shortest way to measure: build
          the cells beforehand, take more meters or groups of more pupils, or plan two lessons.
        </Alert>
      ) : null}
      <Selection
        label="How the meters are shared"
        value={plan.lesson.measuring ?? 'as-fits'}
        onChange={(chosen) =>
          edit((before) => withLesson(before, { measuring: chosen === 'as-fits' ? null : chosen }))
        }
        fullWidth
        sx={{ my: 1.5 }}
        options={[
          ['as-fits', `as fits the lesson: ${MEASURING_NAMES[measuring]}`] as const,
          ...facts.evaluation.inLesson.ways.map(
            ({ way, course: { minutes } }) =>
              [way, `${MEASURING_NAMES[way]} (${formatNumber(minutes)} min)`] as const,
          ),
        ]}
      />
      <Box component="ol" sx={{ listStyle: 'none', m: 0, p: 0, display: 'grid', gap: 0.5 }}>
        {course.phases.map(({ id, name, minutes }) => (
          <Box component="li" key={id} sx={{ display: 'flex', alignItems: 'center', gap: 1 }}>
            <Box sx={{ width: 120, flexShrink: 0, bgcolor: 'action.hover', borderRadius: 0.5 }}>
              <Box
                sx={{
                  width: `${(100 * minutes) / Math.max(course.minutes, plan.lesson.minutes)}%`,
                  minWidth: 3,
                  height: 14,
                  bgcolor: 'secondary.main',
                  borderRadius: 0.5,
                }}
              />
            </Box>
            <Typography variant="body2">
              <strong>{formatNumber(minutes)}′</strong> {name}
            </Typography>
          </Box>
        ))}
      </Box>
    </Card>
  );
}
