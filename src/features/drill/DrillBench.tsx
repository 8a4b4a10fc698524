'use client';

import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import IconButton from '@mui/material/IconButton';
import { Selection } from '@/ui/TextInput';
import Typography from '@mui/material/Typography';
import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import { useStore } from 'zustand';
import type { TakenReading } from '@/core/work/drill/drillHints';
import { makeDrill, type DrillKey } from '@/core/work/drill/makeDrill';
import { readDrill, type Clip, type Probing } from '@/core/work/drill/probing';
import { Card } from '@/ui/Card';
import { KEYS_WHILE_NOT_TYPING } from '@/ui/document/useUndoKeys';
import { lazyPart } from '@/ui/lazyPart';
import { Hint } from '@/ui/Hint';
import { ProjectorIcon } from '@/ui/icons';
import { mainAndSide } from '@/ui/mainAndSide';
import { JobStatus } from '@/ui/JobStatus';
import { useWorkerJob } from '@/workers/useWorkerJob';
import { DrillAnswer } from './DrillAnswer';
import { DrillDesk } from './DrillDesk';
import { DrillMeter } from './DrillMeter';
import { createDrillStore } from './drillRun';
import { DrillRecord, displayWords, probingWords } from './DrillRecord';

const DrillProjector = lazyPart(() =>
  import('./DrillProjector').then((module) => module.DrillProjector),
);

/** One drill: desk, probes, meter, record, hint and answer. */
export function DrillBench({ drillKey }: { readonly drillKey: DrillKey }) {
  const { level, seed } = drillKey;
  const drill = useMemo(() => makeDrill({ level, seed }), [level, seed]);
  const [store] = useState(() => createDrillStore(drillKey));
  const { run, thrownAway } = useStore(store.store);
  useEffect(() => {
    void store.store.persist.rehydrate();
  }, [store]);
  const [probes, setProbes] = useState<{ red: Clip | null; black: Clip | null }>({
    red: null,
    black: null,
  });
  const [hand, setHand] = useState<'red' | 'black'>('black');
  const [range, setRange] = useState<Probing['range']>('20 V');
  const [meanwhile, setMeanwhile] = useState<Probing['meanwhile']>('nothing');
  const [display, setDisplay] = useState('– – –');
  const [projected, setProjected] = useState(false);
  useHotkeys('b', () => setProjected((before) => !before), KEYS_WHILE_NOT_TYPING);
  const { red, black } = probes;
  const clearDisplay = (): void => setDisplay('– – –');
  const read = (): void => {
    if (red === null || black === null) return;
    const probing = { red, black, range, meanwhile };
    const shown = readDrill(drill, probing);
    store.read({ probing, value: shown.status === 'reads' ? shown.value : null });
    setDisplay(displayWords(range, shown.status === 'reads' ? shown.value : null));
  };
  const put = (probing: Probing): void => {
    setProbes({ red: probing.red, black: probing.black });
    setRange(probing.range);
    setMeanwhile(probing.meanwhile);
    clearDisplay();
  };
  const { cells, strings, means } = drill.level;
  const desk = (
    <DrillDesk
      strings={strings}
      cells={cells}
      red={red}
      black={black}
      meanwhile={meanwhile}
      hand={hand}
      onTouch={(clip) => {
        setProbes((before) => ({ ...before, [hand]: clip }));
        setHand(hand === 'red' ? 'black' : 'red');
        clearDisplay();
      }}
    />
  );
  const meter = (
    <DrillMeter
      range={range}
      onRange={(chosen) => {
        setRange(chosen);
        clearDisplay();
      }}
      display={display}
      withCurrent={means.includes('current')}
      ready={red !== null && black !== null && run.over === 'no'}
      onRead={read}
    />
  );
  return (
    <Box sx={mainAndSide(320)}>
      <Box sx={{ display: 'grid', gap: 1.5, minWidth: 0 }}>
        <Card
          title="On the desk"
          actions={
            <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1.5, alignItems: 'center' }}>
              <Typography variant="body2" role="status">
                In hand: the <strong>{hand}</strong> probe
              </Typography>
              <Button size="small" onClick={() => setHand(hand === 'red' ? 'black' : 'red')}>
                Take the other
              </Button>
              <Hint text="Projector view (B)">
                <IconButton aria-label="Projector view" onClick={() => setProjected(true)}>
                  <ProjectorIcon fontSize="small" />
                </IconButton>
              </Hint>
            </Box>
          }
        >
          {desk}
          {means.includes('changes') ? (
            <Selection<typeof meanwhile>
              label="Meanwhile"
              value={meanwhile}
              onChange={(chosen) => {
                setMeanwhile(chosen);
                clearDisplay();
              }}
              sx={{ minWidth: 260, mt: 1 }}
              options={[
                ['nothing', 'nothing is changed'] as const,
                ['joined', 'a lead joins the ends of the string'] as const,
                ...Array.from(
                  { length: cells - 1 },
                  (_, index) => [index + 1, `the lead after cell ${index + 1} is lifted`] as const,
                ),
              ]}
            />
          ) : null}
        </Card>
        <DrillRecord
          taken={run.taken}
          named={strings > 1}
          onStartOver={store.startOver}
          onTakeBack={thrownAway === null ? null : store.takeBack}
        />
      </Box>
      <Box sx={{ display: 'grid', gap: 1.5 }}>
        {meter}
        <DrillAnswer drill={drill} run={run} store={store} />
        {run.over === 'no' ? (
          <HintCard
            key={run.taken.length}
            drillKey={drill.key}
            taken={run.taken}
            named={strings > 1}
            onHint={store.hint}
            onPut={put}
          />
        ) : null}
      </Box>
      {projected ? (
        <DrillProjector
          promise={drill.level.promise}
          taken={run.taken}
          named={strings > 1}
          desk={desk}
          meter={meter}
          onClose={() => setProjected(false)}
        />
      ) : null}
    </Box>
  );
}

interface HintCardProps {
  readonly drillKey: DrillKey;
  readonly taken: readonly TakenReading[];
  readonly named: boolean;
  readonly onHint: () => void;
  readonly onPut: (probing: Probing) => void;
}

/** The fault finder’s next-best measurement, on request; it counts only where there is one. */
function HintCard({ onHint, ...hint }: HintCardProps) {
  const [asked, setAsked] = useState(false);
  return (
    <Card title="Stuck?">
      {asked ? (
        <HintWords {...hint} onHint={onHint} />
      ) : (
        <Button size="small" onClick={() => setAsked(true)}>
          A hint, for one measurement
        </Button>
      )}
    </Card>
  );
}

function HintWords({ drillKey, taken, named, onHint, onPut }: HintCardProps) {
  const job = useWorkerJob(
    useCallback(
      async (jobs) => ({ hint: await jobs.drillHint(drillKey, taken) }),
      [drillKey, taken],
    ),
    { worker: 'patient' },
  );
  const { answer } = job;
  const counted = useRef(false);
  useEffect(() => {
    if (answer === null || answer.hint === null || counted.current) return;
    counted.current = true;
    onHint();
  }, [answer, onHint]);
  if (answer === null) return <JobStatus job={job}>Thinking …</JobStatus>;
  const { hint } = answer;
  return hint === null ? (
    <Alert severity="info" role="status">
      Your readings tell it already: look at them once more. This counts nothing.
    </Alert>
  ) : (
    <Box role="status" data-testid="drill-hint" sx={{ display: 'grid', gap: 1 }}>
      <Typography variant="body2">
        The reading that tells most now: {probingWords(hint.probing, named)}.
      </Typography>
      <Button size="small" onClick={() => onPut(hint.probing)}>
        Put the probes there
      </Button>
    </Box>
  );
}
