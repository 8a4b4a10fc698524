import { serverContext } from '@/server/context';
import { lessonCalendar } from '@/server/lessonCalendar';
import { documentMissing } from '../../../kindOf';
import { withStorageErrors, refuse } from '../../../respond';

interface Context {
  params: Promise<{ id: string }>;
}

export const GET = withStorageErrors(
  async (_request: Request, { params }: Context): Promise<Response> => {
    const { id } = await params;
    const calendar = lessonCalendar(serverContext(), id);
    if (calendar === null) return documentMissing('plans');
    if (!calendar.ok) return refuse(422, 'There is no timetable yet.', calendar.issues);
    return new Response(calendar.value, {
      headers: {
        'content-type': 'text/calendar; charset=utf-8',
        'content-disposition': 'attachment; filename="timetable.ics"',
      },
    });
  },
);
