import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import type { LessonFacts } from '@/core/work/preparation/sheets/lessonFacts';
import { formatNumber } from '@/core/units';
import { MEASURING_NAMES, measuringPlans } from '@/core/work/preparation/measuring';
import { Card } from '@/ui/Card';
import { Selection } from '@/ui/TextInput';
import { useEdit } from '../../PlanProvider';
import { withLesson } from './lessonEdits';

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
          ...measuringPlans({
            kit: facts.kit,
            groups: facts.kit.groups,
            lesson: plan.lesson,
            minutesPerCell: facts.evaluation.cell.recipe.minutesToBuild,
          }).map(
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
