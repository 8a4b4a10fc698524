'use client';

import { dateOfMoment } from '@/core/formats/dates';
import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { LESSONS_WITHOUT_BACKUP, type StoredLesson } from '@/core/records/backup';
import type { Binned } from '@/core/records/bin';
import { Card } from '@/ui/Card';
import { mainAndSide } from '@/ui/mainAndSide';
import { PageFrame } from '@/ui/PageFrame';
import { BinCard } from './BinCard';
import { RestoreCard } from './RestoreCard';
import { StoredCard } from './StoredCard';

interface SafekeepingProps {
  /** When everything was last backed up, milliseconds since 1970; `null`: never. */
  readonly last: number | null;
  /** Lessons since then. */
  readonly lessons: number;
  readonly databaseFile: string;
  readonly stored: readonly StoredLesson[];
  readonly binned: readonly Binned[];
}

/** Everything out as one file, and back. */
export function SafekeepingPage({ last, lessons, databaseFile, stored, binned }: SafekeepingProps) {
  const [asked, setAsked] = useState(false);
  return (
    <PageFrame
      heading="Safekeeping"
      subtitle="Plans, recipes, logbooks, photos, cupboard: all of it in one file."
      widest={1080}
    >
      <Box sx={mainAndSide(360)}>
        <Box sx={{ display: 'grid', gap: 1.5, minWidth: 0, alignContent: 'start' }}>
          <Card title="Back up everything">
            <Typography sx={{ mb: 1.5 }} data-testid="last-backup">
              {last === null
                ? lessons === 0
                  ? 'Nothing has been backed up yet, and no lesson held.'
                  : `Nothing has been backed up yet; ${lessonsText(lessons)} held.`
                : `Last backed up on ${dateOfMoment(last)}; ${lessons === 0 ? 'no lesson' : lessonsText(lessons)} since.`}
            </Typography>
            {lessons >= LESSONS_WITHOUT_BACKUP ? (
              <Alert severity="warning" sx={{ mb: 1.5 }}>
                {lessonsText(lessons)} would be lost with this computer.
              </Alert>
            ) : null}
            {/* The browser’s own download: it shows how far it is, and breaks it off. */}
            <form method="post" action="/api/backup" onSubmit={() => setAsked(true)}>
              <Button type="submit" variant="contained">
                Back up everything
              </Button>
            </form>
            {asked ? (
              <Typography role="status" variant="body2" sx={{ mt: 1.5 }}>
                It goes to your downloads. Put it where a lost laptop does not take it along: a
                stick, the school’s server. Photos and notes of lessons are in it.
              </Typography>
            ) : null}
          </Card>
          <RestoreCard />
          <BinCard binned={binned} />
          <StoredCard stored={stored} />
        </Box>
        <Card title="Good to know">
          <Box component="ul" sx={{ pl: 2.5, m: 0, display: 'grid', gap: 1 }}>
            <li>
              <Typography variant="body2">
                A backup may be made while a class runs: nothing is held up.
              </Typography>
            </li>
            <li>
              <Typography variant="body2">
                Do not copy <code>{databaseFile}</code> by hand while Grozer runs: the newest
                readings stand in a file beside it until it is stopped. The backup has them.
              </Typography>
            </li>
            <li>
              <Typography variant="body2">
                From a terminal: <code>npm run -s backup -- FILE.zip</code>, and{' '}
                <code>npm run -s restore -- FILE.zip</code>.
              </Typography>
            </li>
            <li>
              <Typography variant="body2">
                A single plan with its logbook and photos goes out under Results in the plan.
              </Typography>
            </li>
          </Box>
        </Card>
      </Box>
    </PageFrame>
  );
}

function lessonsText(lessons: number): string {
  return lessons === 1 ? '1 lesson' : `${lessons} lessons`;
}
