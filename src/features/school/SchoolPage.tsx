'use client';

import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { SCHOOL_DOCUMENT } from '@/core/documents/tools/schoolDocument';
import type { OwnRecipe } from '@/core/physics/recipes/ownRecipeSchema';
import { withScore } from '@/core/records/school/lessonScores';
import { kindsOfSchool } from '@/core/records/school/kindsOfSchool';
import { withCells, withCounted, type SchoolState } from '@/core/records/school/schoolSchema';
import { succeed } from '@/core/result';
import { Card } from '@/ui/Card';
import { CsvButtons } from '@/ui/CsvButtons';
import { DocumentFrame } from '@/ui/document/DocumentFrame';
import { useTool, type FoundTool } from '@/ui/document/useTool';
import { ScoreCard } from './ScoreCard';
import { KindCard } from './KindCard';

interface SchoolPageProps {
  readonly found: FoundTool<SchoolState>;
  readonly ownRecipes: readonly { readonly id: string; readonly recipe: OwnRecipe }[];
}

/** What the school's lessons have read of single cells, kind by kind, and which of them count. */
export function SchoolPage({ found, ownRecipes }: SchoolPageProps) {
  const { open, state: school, change } = useTool('school', SCHOOL_DOCUMENT, found);
  const kinds = kindsOfSchool(school, ownRecipes);
  return (
    <DocumentFrame
      open={open}
      heading="Your school’s cells"
      back={{ href: '/', name: 'Back to the shelf' }}
      actions={
        <CsvButtons
          label="School’s cells"
          fileName="school-cells.grozer.json"
          format="JSON"
          text={() => SCHOOL_DOCUMENT.text(open.document)}
          read={(text) => {
            const read = SCHOOL_DOCUMENT.parseText(text);
            if (!read.ok) return read;
            const { cells, scores } = read.value.state;
            return succeed(scores.reduce(withScore, withCells(school, cells)));
          }}
          onRead={(next) => change(next)}
        />
      }
    >
      <Typography sx={{ maxWidth: 640, mb: 2 }}>
        Cells that your classes read, let in from a plan’s results. The next plan with such cells
        starts from them: weighed against the recipe’s usual range, the more cells and lessons the
        more they count.
      </Typography>
      {kinds.length === 0 ? (
        <Card title="Nothing yet">
          <Typography>
            After a lesson open “Build and measure”, then “Results”, and press “Add these cells”.
          </Typography>
        </Card>
      ) : (
        <Box sx={{ display: 'grid', gap: 2 }}>
          <ScoreCard scores={school.scores} />
          {kinds.map((kind) => (
            <KindCard
              key={kind.key}
              kind={kind}
              onCount={(id, counted) => change(withCounted(school, id, counted))}
            />
          ))}
        </Box>
      )}
    </DocumentFrame>
  );
}
