/** Runs once when the app starts. */
export async function register(): Promise<void> {
  if (process.env['NEXT_RUNTIME'] !== 'nodejs') return;
  const { benchContext } = await import('./server/bench/benchContext');
  const { reopenGateway: reopenDoor } = await import('./server/bench/classStatus');
  const door = await reopenDoor(benchContext(), process.env['GROZER_LAN'] === '1');
  if (door !== null) {
    console.log(
      `Groups join at ${door.addresses.map((address) => `http://${address}:${door.port}/join`).join(' or ')}`,
    );
  }
}
