'use client';

import { BoundQuantity, type Bound } from '@/ui/BoundQuantity';
import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { Selection } from '@/ui/TextInput';
import Typography from '@mui/material/Typography';
import { COIN_AREA_NAMES, COIN_AREAS } from '@/core/physics/coins/coin';
import { COINS } from '@/core/physics/coins/coins';
import {
  coinTestSchema,
  identifyCoin,
  unknownCoin,
  type CoinTest,
} from '@/core/physics/coins/identifyCoin';
import { COINS_DOCUMENT } from '@/core/documents/tools/coinsDocument';
import { cautionsOf } from '@/core/physics/safety/cautions';
import { Card } from '@/ui/Card';
import { CautionList } from '@/ui/CautionList';
import { Choice } from '@/ui/Choice';
import { DocumentFrame } from '@/ui/document/DocumentFrame';
import { useTool, type FoundTool } from '@/ui/document/useTool';
import { CoinTable } from './CoinTable';

const NOT_TESTED = { year: null, grams: null, diameterMillimetres: null, magnetic: null } as const;

/** Which coins have what inside, and how to tell with a scale, a ruler and a magnet. */
export function CoinsPage({ found }: { found: FoundTool<CoinTest> }) {
  const { open, state: test, change } = useTool('coins', COINS_DOCUMENT, found);
  const of: Bound<CoinTest> = {
    document: test,
    schema: coinTestSchema,
    edit: (alter, typing) => change(alter(test), typing),
  };
  const matching = identifyCoin(test);
  const untested = [test.year, test.grams, test.diameterMillimetres, test.magnetic].every(
    (one) => one === null,
  );
  return (
    <DocumentFrame open={open} heading="Coins" back={{ href: '/', name: 'Back to the shelf' }}>
      <Box
        sx={{
          display: 'grid',
          gap: 2,
          gridTemplateColumns: { md: '300px minmax(0, 1fr)' },
          alignItems: 'start',
        }}
      >
        <Box sx={{ display: 'grid', gap: 2 }}>
          <Card title="What is in this coin?">
            <Box sx={{ display: 'grid', gap: 2, mt: 1.5 }}>
              <Selection
                label="From where"
                value={test.area}
                onChange={(chosen) => change({ area: chosen })}
                options={COIN_AREAS.map((area) => [area, COIN_AREA_NAMES[area]] as const)}
              />
              <BoundQuantity of={of} optional path="year" label="Year on it" kind="count" />
              <BoundQuantity
                of={of}
                optional
                path="grams"
                label="Mass, g"
                kind="count"
                helperText="Weigh ten together and divide by ten"
              />
              <BoundQuantity
                of={of}
                optional
                path="diameterMillimetres"
                label="Diameter, mm"
                kind="millimetres"
              />
              <Box>
                <Typography variant="body2" gutterBottom>
                  Does a magnet hold it?
                </Typography>
                <Choice
                  label="Does a magnet hold it?"
                  value={test.magnetic === null ? 'untried' : test.magnetic ? 'yes' : 'no'}
                  options={[
                    ['untried', 'Not tried'],
                    ['yes', 'Yes'],
                    ['no', 'No'],
                  ]}
                  onChange={(answer) =>
                    change({ magnetic: answer === 'untried' ? null : answer === 'yes' })
                  }
                />
              </Box>
              {untested ? null : (
                <Button size="small" onClick={() => change(NOT_TESTED)}>
                  Start again with another coin
                </Button>
              )}
            </Box>
          </Card>
          <Card title="Before you sand">
            <CautionList cautions={cautionsOf(['coins', 'dust'])} />
          </Card>
        </Box>
        <Card
          title={
            untested
              ? `${COIN_AREA_NAMES[test.area]}: coins and what is in them`
              : 'It can be one of these'
          }
        >
          {matching.length === 0 ? (
            <Alert severity="info" data-testid="unknown-coin">
              <strong>No coin of the list fits.</strong>
              {unknownCoin(test).map((line) => (
                <Box key={line} component="p" sx={{ m: 0, mt: 0.5 }}>
                  {line}
                </Box>
              ))}
            </Alert>
          ) : (
            <CoinTable coins={matching} />
          )}
          <Typography variant="caption" color="textSecondary" component="p" sx={{ mt: 1.5 }}>
            {COINS.length} kinds of coin; years, sizes and masses are mint data from memory, so
            check with scale and magnet before you sand a bag of them.
          </Typography>
        </Card>
      </Box>
    </DocumentFrame>
  );
}
