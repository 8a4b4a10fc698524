import { NextResponse } from 'next/server';
import { benchContext } from '@/server/bench/benchContext';
import { eraseLessonData, lessonData } from '@/server/bench/lessonData';
import { photosFolder } from '@/server/bench/photos';
import { withStorageErrors } from '../../../respond';

interface Context {
  params: Promise<{ id: string }>;
}

export const GET = withStorageErrors(async (_request: Request, { params }: Context) =>
  NextResponse.json(lessonData(benchContext(), (await params).id)),
);

/** For good: there is no way back but a backup. */
export const DELETE = withStorageErrors(async (_request: Request, { params }: Context) =>
  NextResponse.json(eraseLessonData(benchContext(), (await params).id, photosFolder())),
);
