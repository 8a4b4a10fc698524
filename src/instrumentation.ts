/** Runs once when the app starts. */
export async function register(): Promise<void> {
  if (process.env['NEXT_RUNTIME'] !== 'nodejs') return;
  const { benchContext } = await import('./server/bench/benchContext');
  const { reopenGateway: reopenGateway } = await import('./server/bench/classStatus');
  const { stopOnSignals } = await import('./server/stopOnSignals');
  stopOnSignals();
  const gateway = await reopenGateway(benchContext(), process.env['GROZER_LAN'] === '1');
  if (gateway !== null) {
    console.log(
      `Groups join at ${gateway.addresses.map((address) => `http://${address}:${gateway.port}/join`).join(' or ')}`,
    );
  }
}
