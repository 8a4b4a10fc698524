import { readFileSync } from 'node:fs';
import { evaluateCommand } from './commands/evaluate';
import { chanceCommand } from './commands/chance';
import { fitCommand } from './commands/fit';
import { diagnoseCommand } from './commands/diagnose';
import { haveCommand } from './commands/have';
import { planCommand } from './commands/plan';
import { prepareCommand } from './commands/prepare';
import { simulateCommand } from './commands/simulate';
import { netlistCommand, solveCommand } from './commands/solve';
import { exitCodes, type Command } from './command';

const COMMANDS: Readonly<Record<string, Command>> = {
  solve: solveCommand,
  evaluate: evaluateCommand,
  simulate: simulateCommand,
  plan: planCommand,
  have: haveCommand,
  diagnose: diagnoseCommand,
  prepare: prepareCommand,
  chance: chanceCommand,
  fit: fitCommand,
  netlist: netlistCommand,
};

const USAGE = `usage: npm run -s grozer -- COMMAND FILE
  FILE is a JSON file, or - for standard input.
commands:
${Object.entries(COMMANDS)
  .map(([name, { summary }]) => `  ${name.padEnd(10)}${summary}`)
  .join('\n')}
exit codes: ${exitCodes.solved} solved, ${exitCodes.badInput} bad input (faults as JSON on stderr), ${exitCodes.noSolution} no solution`;

process.exitCode = main(process.argv.slice(2));

function main(words: readonly string[]): number {
  const [name = '', file, ...rest] = words;
  const command = Object.hasOwn(COMMANDS, name) ? COMMANDS[name] : undefined;
  if (command === undefined || file === undefined || rest.length > 0) {
    console.error(USAGE);
    return exitCodes.badInput;
  }
  const input = readJson(file);
  if (!input.ok) return report(input.message);
  const answer = command.run(input.value);
  if (answer.status === 'bad-input') {
    console.error(JSON.stringify({ status: 'bad-input', faults: answer.faults }, null, 2));
    return exitCodes.badInput;
  }
  const { output } = answer;
  console.log(typeof output === 'string' ? output : JSON.stringify(output, null, 2));
  return answer.status === 'solved' ? exitCodes.solved : exitCodes.noSolution;
}

/** Without the byte-order mark that some editors put before a text. */
function withoutMark(text: string): string {
  return text.startsWith('\uFEFF') ? text.slice(1) : text;
}

function readJson(file: string): { ok: true; value: unknown } | { ok: false; message: string } {
  try {
    return {
      ok: true,
      value: JSON.parse(withoutMark(readFileSync(file === '-' ? 0 : file, 'utf8'))),
    };
  } catch (error) {
    return { ok: false, message: error instanceof Error ? error.message : String(error) };
  }
}

function report(message: string): number {
  const faults = [{ code: 'unreadable', path: [], message }];
  console.error(JSON.stringify({ status: 'bad-input', faults }, null, 2));
  return exitCodes.badInput;
}
