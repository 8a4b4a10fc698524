import { networkSchema } from '@/core/physics/circuit/network/networkSchema';
import { solveNetwork } from '@/core/physics/circuit/network/solveNetwork';
import { netlistOf } from '@/core/physics/circuit/spice/netlistOf';
import { commandOf } from '../command';

export const solveCommand = commandOf(
  'node voltages and component currents of a network document',
  networkSchema,
  (network) => {
    const outcome = solveNetwork(network);
    return { status: outcome.status === 'solved' ? 'solved' : 'no-solution', output: outcome };
  },
);

export const netlistCommand = commandOf(
  'a network document as a SPICE netlist',
  networkSchema,
  (network) => ({ status: 'solved', output: netlistOf(network).text }),
);
