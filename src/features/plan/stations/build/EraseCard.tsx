'use client';

import Alert from '@mui/material/Alert';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogContentText from '@mui/material/DialogContentText';
import DialogTitle from '@mui/material/DialogTitle';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { countLessonData, eraseLessonData, lessonCountsText } from '@/ui/bench/lessonData';
import { Card } from '@/ui/Card';
import { usePlanContext } from '../../PlanProvider';

/** Deletes for good what a class left: when the lesson is over and nobody needs it any more. */
export function EraseCard() {
  const { open } = usePlanContext();
  const [counts, setCounts] = useState<string | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const ask = async (): Promise<void> => {
    const answer = await countLessonData(open.id);
    setProblem(answer.ok ? null : answer.message);
    if (answer.ok) setCounts(lessonCountsText(answer.value));
  };
  const erase = async (): Promise<void> => {
    const answer = await eraseLessonData(open.id);
    // The page begins anew: it knows lines that are no more.
    if (answer.ok) window.location.reload();
    else setProblem(answer.message);
  };
  return (
    <Card title="This class’s data">
      <Typography variant="body2" sx={{ mb: 1 }}>
        No names are in it; readings, notes and photos are. They stay here until you delete them.
      </Typography>
      <Button size="small" color="error" onClick={() => void ask()}>
        Delete this class’s data …
      </Button>
      {problem === null ? null : <Alert severity="error">{problem}</Alert>}
      <Dialog open={counts !== null} onClose={() => setCounts(null)} aria-labelledby="erase-title">
        <DialogTitle id="erase-title">Delete this class’s data?</DialogTitle>
        <DialogContent>
          <DialogContentText>
            {counts}: all of it is deleted for good, what was deleted before too. This cannot be
            undone. A class that runs ends. The plan stays, and so does what your school’s cells
            learned from it.
          </DialogContentText>
          <Button
            component="a"
            href={`/api/lessons/${open.id}/results?format=plan`}
            download
            sx={{ mt: 1.5 }}
            variant="outlined"
          >
            Save a copy first
          </Button>
        </DialogContent>
        <DialogActions>
          <Button onClick={() => setCounts(null)}>Keep it</Button>
          <Button variant="contained" color="error" onClick={() => void erase()}>
            Delete for good
          </Button>
        </DialogActions>
      </Dialog>
    </Card>
  );
}
