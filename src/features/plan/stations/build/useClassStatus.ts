'use client';

import { useCallback, useEffect, useState } from 'react';
import * as z from 'zod/mini';
import { askJson } from '@/ui/askJson';

const statusSchema = z.object({
  running: z.nullable(z.object({ code: z.string(), startedAt: z.number(), endsAt: z.number() })),
  gateway: z.nullable(z.object({ port: z.number(), addresses: z.array(z.string()) })),
  passcode: z.nullable(z.string()),
  shut: z.nullable(z.string()),
});
type Status = z.infer<typeof statusSchema>;

export interface ClassStatusState {
  /** `null` until the server has answered. */
  readonly status: Status | null;
  /** Where groups join; `null` while no class runs. */
  readonly join: string | null;
  readonly problem: string | null;
  readonly busy: boolean;
  readonly start: () => void;
  readonly end: () => void;
}

/** Whether a plan’s class runs, and how to start and end it. */
export function useClassStatus(planId: string): ClassStatusState {
  const url = `/api/lessons/${planId}/class`;
  const [status, setStatus] = useState<Status | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  const ask = useCallback(
    async (running: boolean | null): Promise<void> => {
      setBusy(true);
      const answer = await askJson(url, statusSchema, running === null ? undefined : { running });
      setBusy(false);
      setProblem(answer.ok ? null : answer.message);
      if (answer.ok) setStatus(answer.value);
    },
    [url],
  );
  useEffect(() => {
    const first = setTimeout(() => void ask(null));
    return () => clearTimeout(first);
  }, [ask]);
  const running = status?.running ?? null;
  const gateway = status?.gateway ?? null;
  return {
    status,
    join:
      running === null || gateway === null
        ? null
        : `http://${gateway.addresses[0] ?? '127.0.0.1'}:${gateway.port}/join?code=${running.code}`,
    problem,
    busy,
    start: () => void ask(true),
    end: () => void ask(false),
  };
}
