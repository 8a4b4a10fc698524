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

/**
 * The content of a sheet.
 * @param joinAt address at which groups join, without the code; `null` where it is not known
 */
export function sheetOf(
  id: SheetId,
  facts: LessonFacts,
  times: Timetable | null,
  wording: Wording,
  joinAt: string | null = null,
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
