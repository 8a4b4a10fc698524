const KILLED = ['Killed', 'Timeout'];
const SURVIVED = ['Survived', 'NoCoverage'];

/**
 * What a report of mutants comes to. Mutants that do not compile, or are static, count on neither side.
 * @param {{ files: Record<string, { mutants: { status: string, mutatorName: string, replacement?: string,
 *   location: { start: { line: number } } }[] }> }} report in the format of mutation-testing reports
 */
export function summaryOfMutants({ files }) {
  const all = Object.entries(files).flatMap(([file, { mutants }]) =>
    mutants.map((mutant) => ({ ...mutant, file })),
  );
  const killed = all.filter(({ status }) => KILLED.includes(status)).length;
  const survived = all.filter(({ status }) => SURVIVED.includes(status));
  const counted = killed + survived.length;
  return {
    killed,
    all: counted,
    percent: counted === 0 ? '0' : ((100 * killed) / counted).toFixed(1),
    survivors: survived.map(
      ({ file, status, location, mutatorName, replacement = '' }) =>
        `${file}:${location.start.line} ${status}: ${mutatorName} → ${replacement.replaceAll(/\s+/g, ' ').slice(0, 100)}`,
    ),
  };
}
