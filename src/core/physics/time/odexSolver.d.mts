/** Hairer's ODEX (extrapolation, adaptive order and step), as far as it is used here. */
export declare class Solver {
  constructor(dimension: number);
  relativeTolerance: number;
  absoluteTolerance: number;
  initialStepSize: number;
  maxStepSize: number;
  maxSteps: number;
  denseOutput: boolean;
  solve(
    derivative: (x: number, y: number[]) => number[],
    start: number,
    initial: number[],
    end: number,
    output: (
      step: number,
      before: number,
      now: number,
      y: number[],
      interpolate: (component: number, x: number) => number,
    ) => boolean | undefined,
  ): { y: number[]; outcome: number; nStep: number; nEval: number };
}
export declare const Outcome: {
  readonly Converged: number;
  readonly MaxStepsExceeded: number;
  readonly EarlyReturn: number;
};
