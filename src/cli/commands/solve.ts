import { networkSchema } from '@/core/circuit/network/networkSchema';
import { solveNetwork } from '@/core/circuit/network/solveNetwork';
import { faultsOfZod } from '@/core/faultsOfZod';
import type { Command } from '../command';

export const solveCommand: Command = {
  summary: 'node voltages and component currents of a network document',
  run(input) {
    const network = networkSchema.safeParse(input);
    if (!network.success) return { status: 'bad-input', faults: faultsOfZod(network.error) };
    const outcome = solveNetwork(network.data);
    return { status: outcome.status === 'solved' ? 'solved' : 'no-solution', output: outcome };
  },
};
