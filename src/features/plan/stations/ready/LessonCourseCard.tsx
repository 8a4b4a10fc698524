import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import type { LessonFacts } from '@/core/work/preparation/sheets/lessonFacts';
import { formatNumber } from '@/core/units';
import { Card } from '@/ui/Card';

/** The lesson by phase, each as long as its bar. */
export function LessonCourseCard({ facts: { course, plan } }: { facts: LessonFacts }) {
  return (
    <Card title={`The lesson: ${formatNumber(course.minutes)} of ${plan.lesson.minutes} minutes`}>
      {course.over > 0 ? (
        <Alert severity="warning" sx={{ mb: 1 }} data-testid="too-long">
          {formatNumber(course.over)} minutes too long: build the first cell beforehand, take more
          meters, or plan two lessons.
        </Alert>
      ) : null}
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
