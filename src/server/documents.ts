import {
  DOCUMENT_FORMATS,
  type DocumentKind,
  type DocumentOf,
} from '@/core/documents/documentKinds';
import { TOOL_ID } from '@/core/documents/tools/toolDocument';
import type { SaveOutcome } from '@/data/documentRepository';
import { newPlan } from '@/core/records/plan/newPlan';
import { withClassOf } from '@/core/records/plan/lessonSchema';
import type { Plan } from '@/core/records/plan/planSchema';
import { withSchool } from '@/core/records/school/figuresOfSchool';
import { succeed, type Result } from '@/core/result';
import type { ServerContext } from './context';
import { openBench } from './openTool';

/** Stores a new document with the usual start and returns its id. */
export function createDocument(
  context: ServerContext,
  kind: DocumentKind,
  title: string,
): { id: string } {
  if (kind === 'plans') return put(context, kind, newPlanAtSchool(context, title));
  return put(context, kind, DOCUMENT_FORMATS[kind].fresh(title));
}

/** A new plan starts from what the school has read of such cells, and from the class of the last plan. */
function newPlanAtSchool(context: ServerContext, title: string): Plan {
  const plan = newPlan(title);
  const plans = context.documents('plans');
  const [last] = plans.titles();
  const lesson = last === undefined ? null : plans.find(last.id);
  return {
    ...plan,
    cell: withSchool(plan.cell, openBench(context, 'school').initial.state),
    lesson:
      lesson?.document.ok === true
        ? withClassOf(plan.lesson, lesson.document.value.lesson)
        : plan.lesson,
  };
}

/** Stores a copy, without what belongs to the original only; `null` where there is no readable original. */
export function duplicateDocument<Kind extends DocumentKind>(
  context: ServerContext,
  kind: Kind,
  id: string,
): { id: string } | null {
  const original = context.documents(kind).find(id);
  if (original === null || !original.document.ok) return null;
  return put(context, kind, DOCUMENT_FORMATS[kind].copyOf(original.document.value));
}

/** Stores the document of an exported file; a broken file is refused whole, with the path of each fault. */
export function importDocument<Kind extends DocumentKind>(
  context: ServerContext,
  kind: Kind,
  text: string,
): Result<{ id: string }> {
  const parsed = DOCUMENT_FORMATS[kind].parseText(text);
  return parsed.ok ? succeed(put(context, kind, parsed.value)) : parsed;
}

/**
 * Saves what a page edited. A bench that was never stored is stored now; what is there and cannot be read is kept under
 * an id of its own before something new takes its place.
 */
export function saveDocument<Kind extends DocumentKind>(
  context: ServerContext,
  kind: Kind,
  id: string,
  { document, revision }: { readonly document: DocumentOf<Kind>; readonly revision: number },
): SaveOutcome {
  const repository = context.documents(kind);
  const before = repository.find(id);
  if (before === null) {
    if (revision !== 0 || id !== TOOL_ID || !isTool(kind)) return { status: 'missing' };
    // One that was deleted is the same again, with what is saved now.
    if (repository.restore(id)) {
      const found = repository.find(id);
      return repository.save(id, document, found?.revision ?? 0, context.now());
    }
    repository.insert(id, document, context.now());
    return { status: 'saved', revision: 1 };
  }
  if (!before.document.ok && before.revision === revision) {
    repository.copyStored(id, `${id} kept ${context.newId()}`);
  }
  return repository.save(id, document, revision, context.now());
}

function isTool(kind: DocumentKind): boolean {
  return kind !== 'plans' && kind !== 'recipes' && kind !== 'fair-tests';
}

function put<Kind extends DocumentKind>(
  context: ServerContext,
  kind: Kind,
  document: DocumentOf<Kind>,
): { id: string } {
  const id = context.newId();
  context.documents(kind).insert(id, document, context.now());
  return { id };
}

/** The text and title of a document for a file; `null` where there is none, its faults where it cannot be read. */
export function exportDocument<Kind extends DocumentKind>(
  context: ServerContext,
  kind: Kind,
  id: string,
): Result<{ title: string; text: string }> | null {
  const found = context.documents(kind).find(id);
  if (found === null) return null;
  if (!found.document.ok) return found.document;
  const document = found.document.value;
  return succeed({ title: document.title, text: DOCUMENT_FORMATS[kind].text(document) });
}
