'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableRow from '@mui/material/TableRow';
import Typography from '@mui/material/Typography';
import { DEFAULT_REASONS } from '@/core/work/help/defaults';
import { GLOSSARY } from '@/core/work/help/glossary';
import { SOURCE_IDS, SOURCE_TITLES, type SourceId } from '@/core/sourceIds';
import { WHAT_IS_NEW } from '@/core/work/help/whatIsNew';
import { SOURCES, TRUST_WORDS } from '@/core/work/help/sources';
import { Card } from '@/ui/Card';
import { PageFrame } from '@/ui/PageFrame';
import { PartTabs } from '@/ui/PartTabs';
import { wordAnchor } from '@/ui/jump/wordAnchor';
import { PageLink } from '@/ui/PageLink';
import { tourHref } from '@/ui/tour/tourSteps';

const PARTS = [
  ['words', 'Words'],
  ['defaults', 'Why these defaults'],
  ['sources', 'Sources of all figures'],
  ['new', 'What is new'],
] as const;

interface HelpPageProps {
  /** Plan that the tour goes round; `null`: there is none. */
  readonly tourOf: string | null;
}

/** Words of the trade, the reasons behind defaults, where every constant comes from, and the tour once more. */
export function HelpPage({ tourOf }: HelpPageProps) {
  return (
    <PageFrame
      heading="Help"
      widest={1080}
      actions={
        tourOf === null ? null : (
          <Button component={PageLink} href={tourHref(tourOf)}>
            One-minute tour
          </Button>
        )
      }
    >
      <PartTabs label="Parts of the help" prefix="help" parts={PARTS}>
        {(part) => {
          switch (part) {
            case 'words':
              return <Words />;
            case 'defaults':
              return <Defaults />;
            case 'sources':
              return <Sources />;
            case 'new':
              return <WhatIsNew />;
          }
        }}
      </PartTabs>
    </PageFrame>
  );
}

function Words() {
  return (
    <Card title="Words in plain words">
      <Box
        component="dl"
        sx={{
          m: 0,
          columnGap: 4,
          columns: { md: 2 },
          '& > div': { breakInside: 'avoid', mb: 1.25 },
        }}
      >
        {GLOSSARY.map(({ word, meaning }) => (
          <div key={word} id={wordAnchor(word)}>
            <Typography component="dt" sx={{ fontWeight: 700 }}>
              {word}
            </Typography>
            <Typography component="dd" variant="body2" sx={{ m: 0 }}>
              {meaning}
            </Typography>
          </div>
        ))}
      </Box>
    </Card>
  );
}

function WhatIsNew() {
  return WHAT_IS_NEW.map(({ version, lines }) => (
    <Card key={version} title={`Grozer ${version}`}>
      <Box component="ul" sx={{ m: 0, pl: 2.5, maxWidth: '70ch' }}>
        {lines.map((line) => (
          <Typography key={line} component="li">
            {line}
          </Typography>
        ))}
      </Box>
    </Card>
  ));
}

function Defaults() {
  return (
    <Box sx={{ display: 'grid', gap: 1.5, gridTemplateColumns: { md: '1fr 1fr' } }}>
      {DEFAULT_REASONS.map(({ question, some, others, grozer }) => (
        <Card key={question} title={question}>
          <Typography variant="body2">Some say: {some}</Typography>
          <Typography variant="body2">Others say: {others}</Typography>
          <Typography variant="body2" sx={{ mt: 1, fontWeight: 600 }}>
            {grozer}
          </Typography>
        </Card>
      ))}
    </Box>
  );
}

function Sources() {
  return (
    <Box sx={{ display: 'grid', gap: 1.5 }}>
      <Typography variant="body2" color="textSecondary">
        Every figure that a sum rests on, as it stands in the program. <strong>Published</strong>{' '}
        can be looked up, <strong>common practice</strong> is what classes read,{' '}
        <strong>from memory</strong> is a round figure to be corrected. Your own readings replace
        what is typical.
      </Typography>
      <Box
        sx={{
          display: 'grid',
          gap: 1.5,
          gridTemplateColumns: { md: 'minmax(0, 1fr) minmax(0, 1fr)' },
          alignItems: 'start',
        }}
      >
        {SOURCE_IDS.map((id) => (
          <SourceCard key={id} id={id} />
        ))}
      </Box>
    </Box>
  );
}

function SourceCard({ id }: { readonly id: SourceId }) {
  const { trust, source, values } = SOURCES[id];
  const title = SOURCE_TITLES[id];
  return (
    <Box
      id={id}
      sx={{ scrollMarginTop: 16, '&:target': { outline: 2, outlineColor: 'primary.main' } }}
    >
      <Card
        title={title}
        actions={
          <Typography variant="caption" color="textSecondary">
            {TRUST_WORDS[trust]}
          </Typography>
        }
      >
        <Typography variant="body2" sx={{ mb: 1 }}>
          {source}
        </Typography>
        <Table size="small" aria-label={title}>
          <TableBody>
            {values.map(({ what, value }, index) => (
              <TableRow key={`${what} ${index}`}>
                <TableCell component="th" scope="row" sx={{ px: 0.5 }}>
                  {what}
                </TableCell>
                <TableCell align="right" sx={{ px: 0.5 }}>
                  {value}
                </TableCell>
              </TableRow>
            ))}
          </TableBody>
        </Table>
      </Card>
    </Box>
  );
}
