/** Runs once when the app starts. */
export async function register(): Promise<void> {
  if (process.env['NEXT_RUNTIME'] !== 'nodejs') return;
  const { benchContext } = await import('./server/bench/benchContext');
  const { reopenGateway } = await import('./server/bench/classStatus');
  const { stopOnSignals } = await import('./server/stopOnSignals');
  stopOnSignals();
  const gateway = await reopenGateway(benchContext(), process.env['GROZER_LAN'] === '1');
  if (gateway?.ok === true) {
    const { addresses, port } = gateway.value;
    console.log(
      `Groups join at ${addresses.map((address) => `http://${address}:${port}/join`).join(' or ')}`,
    );
  } else if (gateway !== null) {
    console.error(gateway.issues.map(({ message }) => message).join(' '));
  }
}
