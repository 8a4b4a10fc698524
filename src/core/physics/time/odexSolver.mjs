// The package ships a TypeScript source that a strict compiler rejects; its types stand in odexSolver.d.mts.
export { Outcome, Solver } from 'odex';
