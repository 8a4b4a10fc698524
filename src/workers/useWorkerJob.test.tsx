/** @jest-environment jsdom */
import '@testing-library/jest-dom';
import { act, render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { askWorker } from './plannerClient';
import { useWorkerJob, type WorkerQuestion } from './useWorkerJob';

jest.mock('./plannerClient', () => ({ askWorker: jest.fn() }));
jest.mock('comlink', () => ({ proxy: (report: unknown) => report }));

/** Ends what a question asked, from outside. */
interface Asked {
  readonly answer: (value: number | null) => void;
  readonly fail: (error: Error) => void;
}

let asked: Asked[] = [];

beforeEach(() => {
  asked = [];
  jest.mocked(askWorker).mockImplementation(
    () =>
      new Promise((answer, fail) => {
        asked.push({ answer: (value) => answer(value as never), fail });
      }),
  );
});

const first: WorkerQuestion<number> = () => Promise.resolve(null);
const second: WorkerQuestion<number> = () => Promise.resolve(null);

function Shown({ ask }: { readonly ask: WorkerQuestion<number> }) {
  const job = useWorkerJob(ask);
  return (
    <>
      <output>
        {job.status} {job.failure ?? job.answer ?? '–'} {job.latest ?? '–'}
      </output>
      <button onClick={job.retry}>Try again</button>
      <button onClick={job.cancel}>Stop</button>
    </>
  );
}

async function turn(end: () => void = () => undefined): Promise<void> {
  await act(async () => {
    end();
    await new Promise((resolve) => setTimeout(resolve, 5));
  });
}

test('a job that fails says why and is asked once more on request', async () => {
  render(<Shown ask={first} />);
  await turn();
  await turn(() => asked[0]?.fail(new Error('no memory left')));
  expect(screen.getByText('failed no memory left –')).toBeInTheDocument();
  await userEvent.click(screen.getByRole('button', { name: 'Try again' }));
  await turn();
  await turn(() => asked[1]?.answer(7));
  expect(screen.getByText('answered 7 7')).toBeInTheDocument();
});

test('an answer to an older question never counts; the last one stays to be shown meanwhile', async () => {
  const { rerender } = render(<Shown ask={first} />);
  await turn();
  await turn(() => asked[0]?.answer(1));
  rerender(<Shown ask={second} />);
  expect(screen.getByText('working – 1')).toBeInTheDocument();
  rerender(<Shown ask={first} />);
  await turn();
  await turn(() => asked.at(-1)?.answer(3));
  expect(screen.getByText('answered 3 3')).toBeInTheDocument();
});

test('a stopped job is cancelled, whatever it answers later', async () => {
  render(<Shown ask={first} />);
  await turn();
  await userEvent.click(screen.getByRole('button', { name: 'Stop' }));
  expect(screen.getByText('cancelled – –')).toBeInTheDocument();
  await turn(() => asked[0]?.answer(5));
  expect(screen.getByText('cancelled – 5')).toBeInTheDocument();
});
