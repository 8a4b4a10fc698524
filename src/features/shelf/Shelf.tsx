'use client';

import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { LESSONS_WITHOUT_BACKUP } from '@/core/records/backup';
import type { PlanSummary } from '@/core/work/judging/planSummary';
import type { Result } from '@/core/result';
import { countLessonData, eraseLessonData } from '@/ui/bench/lessonData';
import { ImportButton } from '@/ui/document/ImportButton';
import { RefusalAlert } from '@/ui/document/RefusalAlert';
import { UnreadableCard } from '@/ui/document/UnreadableCard';
import { useDocumentList } from '@/ui/document/useDocumentList';
import { AddIcon } from '@/ui/icons';
import { PageFrame } from '@/ui/PageFrame';
import { PageLink } from '@/ui/PageLink';
import { TourInvite } from '@/ui/tour/TourInvite';
import { createRemote } from '@/ui/document/documentApi';
import { tourHref } from '@/ui/tour/tourSteps';
import { DeletePlanDialog, type GoingPlan } from './DeletePlanDialog';
import { MoreTools } from './MoreTools';
import { EmptyShelf } from './EmptyShelf';
import { addressOfShelf, FindPlan, type ShelfOrder } from './FindPlan';
import { lazyPart } from '@/ui/lazyPart';
import { PlanCard } from './PlanCard';

const NewPlanDialog = lazyPart(() =>
  import('./NewPlanDialog').then((module) => module.NewPlanDialog),
);

/** So many are seen at a glance: no field is needed to find one. */
const FEW_PLANS = 9;

interface ShelfProps {
  readonly shelf: {
    readonly entries: readonly {
      readonly id: string;
      readonly summary: Result<PlanSummary>;
      readonly judgedAnew: boolean;
    }[];
    readonly found: number;
    readonly all: number;
    readonly folded: number;
  };
  /** Part of the title that is looked for. */
  readonly find: string;
  readonly sort: ShelfOrder;
  /** Plans of past lessons stand among the others. */
  readonly past: boolean;
  /** How many are shown when more are asked for. */
  readonly next: number;
  /** The tour was taken or declined in this browser. */
  readonly tourSeen: boolean;
  /** Lessons since the last backup. */
  readonly lessons: number;
}

/** Home: the plans as cards, and the ways to get a new one. */
export function Shelf({ shelf, find, sort, past, next, tourSeen, lessons }: ShelfProps) {
  const { entries, found, all, folded } = shelf;
  const { refusal, clearRefusal, settle, remove, duplicate, openAt } = useDocumentList('plans');
  const [naming, setNaming] = useState(false);
  const [going, setGoing] = useState<GoingPlan | null>(null);
  const off = (id: string, title: string): void => void remove(id, `“${title}” was deleted.`);
  const eraseAndOff = async (id: string, title: string): Promise<void> => {
    const erased = await eraseLessonData(id);
    // What could not be deleted for good is not put out of sight either.
    if (erased.ok) off(id, title);
    else settle({ ok: false, message: erased.message, details: [] }, () => undefined);
  };
  const askOff = async (id: string, title: string): Promise<void> => {
    const counts = await countLessonData(id);
    if (counts.ok && counts.value.lines > 0) setGoing({ id, title, counts: counts.value });
    else off(id, title);
  };
  const first = entries.find(({ summary }) => summary.ok);
  const beginTour = async (): Promise<void> =>
    settle(await createRemote('plans', 'A first lamp'), (id) => openAt(tourHref(id)));

  return (
    <PageFrame
      heading="Grozer"
      subtitle="Say what you want to light and what you have in the cupboard."
      back={null}
      widest={1180}
      actions={
        <>
          <ImportButton
            kind="plans"
            label="Import a plan"
            onAnswer={(answer) => settle(answer, (id) => openAt(`/plans/${id}/arrange`))}
          />
          <Button variant="contained" startIcon={<AddIcon />} onClick={() => setNaming(true)}>
            New plan
          </Button>
          <Button variant="outlined" component={PageLink} href="/i-have">
            I have …
          </Button>
          <Button component={PageLink} href="/reality-check">
            Check a claim
          </Button>
          <Button component={PageLink} href="/help">
            Help
          </Button>
        </>
      }
    >
      {tourSeen || (first === undefined && all > 0) ? null : (
        <TourInvite planId={first?.id ?? null} onBegin={() => void beginTour()} />
      )}
      {lessons < LESSONS_WITHOUT_BACKUP ? null : (
        <Alert
          severity="info"
          sx={{ mb: 2 }}
          data-testid="backup-reminder"
          action={
            <Button color="inherit" size="small" component={PageLink} href="/safekeeping">
              Back up everything
            </Button>
          }
        >
          {lessons} lessons stand on this computer only.
        </Alert>
      )}
      <RefusalAlert refusal={refusal} onClose={clearRefusal} />
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 2, alignItems: 'center', mb: 1.5 }}>
        <Typography variant="h2" sx={{ flex: '1 1 200px' }}>
          Your plans
        </Typography>
        {all > FEW_PLANS || find !== '' ? <FindPlan find={find} sort={sort} /> : null}
      </Box>
      {found === 0 && find !== '' ? (
        <Typography color="textSecondary">No plan has “{find}” in its title.</Typography>
      ) : found === 0 ? (
        <EmptyShelf onNew={() => setNaming(true)} />
      ) : (
        <Box
          component="ul"
          sx={{
            listStyle: 'none',
            p: 0,
            m: 0,
            display: 'grid',
            gap: 2,
            gridTemplateColumns: 'repeat(auto-fill, minmax(min(340px, 100%), 1fr))',
          }}
        >
          {entries.map(({ id, summary, judgedAnew }) => (
            <li key={id}>
              {summary.ok ? (
                <PlanCard
                  id={id}
                  summary={summary.value}
                  judgedAnew={judgedAnew}
                  onDuplicate={() => void duplicate(id)}
                  onDelete={() => void askOff(id, summary.value.title)}
                />
              ) : (
                <UnreadableCard
                  kind="plans"
                  noun="plan"
                  id={id}
                  faults={summary.issues}
                  onDelete={() => void remove(id, 'The unreadable plan was deleted.')}
                />
              )}
            </li>
          ))}
        </Box>
      )}
      {found > entries.length ? (
        <Box sx={{ display: 'flex', gap: 2, alignItems: 'center', mt: 2 }}>
          <Typography variant="body2" color="textSecondary">
            {entries.length} of {found} plans
          </Typography>
          <Button
            variant="outlined"
            component={PageLink}
            href={addressOfShelf({ find, sort, past, show: next })}
            scroll={false}
          >
            Show more
          </Button>
        </Box>
      ) : null}
      {folded === 0 ? null : (
        <Button
          component={PageLink}
          href={addressOfShelf({ find, sort, past: true })}
          sx={{ mt: 2 }}
        >
          Show {folded === 1 ? 'the plan of a past lesson' : `${folded} plans of past lessons`}
        </Button>
      )}
      <MoreTools />
      <DeletePlanDialog
        plan={going}
        onClose={() => setGoing(null)}
        onRemove={({ id, title }, data) => {
          setGoing(null);
          if (data === 'keep') off(id, title);
          else void eraseAndOff(id, title);
        }}
      />
      {naming ? (
        <NewPlanDialog
          onClose={() => setNaming(false)}
          onCreated={(id) => openAt(`/plans/${id}/power`)}
        />
      ) : null}
    </PageFrame>
  );
}
