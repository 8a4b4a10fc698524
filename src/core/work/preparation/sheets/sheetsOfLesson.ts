import type { Timetable } from '../timetable';
import type { LessonFacts } from './lessonFacts';
import { answerSheet, pupilSheet } from './pupilSheet';
import { SHEET_IDS, type Sheet, type SheetId, type Wording } from './sheet';
import { cardsSheet, groupsSheet, labelsSheet, shoppingSheet, teacherSheet } from './teacherSheets';

/** Sheets that this lesson may have, by age, role and hazard. */
export function sheetsAllowed({ gate }: Pick<LessonFacts, 'gate'>): SheetId[] {
  return SHEET_IDS.filter((id) => {
    if (id === 'pupil' || id === 'groups') return gate.pupilSheet;
    if (id === 'shopping' || id === 'cards' || id === 'labels') return gate.preparing;
    return gate.verdict !== 'refused';
  });
}

/** The content of a sheet. */
export function sheetOf(
  id: SheetId,
  facts: LessonFacts,
  times: Timetable | null,
  wording: Wording,
): Sheet {
  switch (id) {
    case 'teacher':
      return teacherSheet(facts, times);
    case 'pupil':
      return pupilSheet(facts, wording);
    case 'answers':
      return answerSheet(facts, wording);
    case 'shopping':
      return shoppingSheet(facts);
    case 'cards':
      return cardsSheet(facts);
    case 'labels':
      return labelsSheet(facts);
    case 'groups':
      return groupsSheet(facts);
  }
}
