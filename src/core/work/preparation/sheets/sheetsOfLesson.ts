import type { Timetable } from '../timetable';
import type { LessonFacts } from './lessonFacts';
import { answerSheet, posterSheet, pupilSheet, smallSheet } from './pupilSheet';
import { SHEET_IDS, type Sheet, type SheetId, type Wording } from './sheet';
import { cardsSheet, groupsSheet, labelsSheet, shoppingSheet, teacherSheet } from './teacherSheets';

/** Sheets that this lesson may have, by age, role and hazard. */
export function sheetsAllowed({ gate }: Pick<LessonFacts, 'gate'>): SheetId[] {
  return SHEET_IDS.filter((id) => {
    if (id === 'pupil' || id === 'small' || id === 'groups') return gate.pupilSheet;
    if (id === 'shopping' || id === 'cards' || id === 'labels' || id === 'poster') {
      return gate.preparing;
    }
    return gate.verdict !== 'refused';
  });
}

/** What is cut up has no room for rules. */
const CUT_UP: readonly SheetId[] = ['cards', 'labels'];

/**
 * The content of a sheet, with the school’s own rules.
 * @param joinAt address at which groups join, without the code; `null` where it is not known
 */
export function sheetOf(
  id: SheetId,
  facts: LessonFacts,
  times: Timetable | null,
  wording: Wording,
  joinAt: string | null = null,
): Sheet {
  const sheet = plainSheet(id, facts, times, wording, joinAt);
  const { rules } = facts.cupboard;
  if (rules === '' || CUT_UP.includes(id)) return sheet;
  return {
    ...sheet,
    blocks: [{ kind: 'caution', text: `Our school’s rules: ${rules}` }, ...sheet.blocks],
  };
}

function plainSheet(
  id: SheetId,
  facts: LessonFacts,
  times: Timetable | null,
  wording: Wording,
  joinAt: string | null,
): Sheet {
  switch (id) {
    case 'teacher':
      return teacherSheet(facts, times);
    case 'pupil':
      return pupilSheet(facts, wording);
    case 'small':
      return smallSheet(facts);
    case 'poster':
      return posterSheet(facts);
    case 'answers':
      return answerSheet(facts, wording);
    case 'shopping':
      return shoppingSheet(facts);
    case 'cards':
      return cardsSheet(facts);
    case 'labels':
      return labelsSheet(facts);
    case 'groups':
      return groupsSheet(facts, joinAt);
  }
}
