import {
  BOUGHT_CELL,
  HOME_MADE_CELL,
  type ComparedCell,
  type Lamp,
  type LampArrangement,
} from '@/core/work/seriesParallel/compareJoining';

interface TableStep {
  readonly show: 'table';
  readonly cell: ComparedCell;
  readonly lamp: Lamp;
  readonly lamping: LampArrangement;
}

/** One step of the guide: a question, what stands on the desk, the comparison, what it means. */
export type GuideStep = {
  readonly name: string;
  readonly question: string;
  readonly before: string;
  readonly after: string;
} & (TableStep | { readonly show: 'why' });

export const STEPS: readonly GuideStep[] = [
  {
    name: 'Bought cells',
    question: 'You have one more bought cell. In series or in parallel?',
    before:
      'One bought cell feeds a torch bulb. A second one is at hand. Say what you expect before you read on: brighter, the same, longer?',
    after:
      'A bought cell hardly resists: it keeps its volts whatever the bulb takes. In series the volts double, so the bulb is brighter. In parallel the volts stay, so the bulb stays as it was, and each cell gives half. That is why one school says: series is brighter, parallel only lasts longer.',
    show: 'table',
    cell: BOUGHT_CELL,
    lamp: 'bulb',
    lamping: 'one',
  },
  {
    name: 'Home-made cells',
    question: 'You have four more kiwis. In series or in parallel?',
    before:
      'Four kiwis in series light an LED dimly. Four more are at hand. The same question, the same two ways.',
    after:
      'Each kiwi resists hundreds of ohms, and in series that resistance adds up as the volts do: the extra volts are lost inside. In parallel the resistance is halved, and twice the current comes out. That is why the other school says: parallel is brighter.',
    show: 'table',
    cell: HOME_MADE_CELL,
    lamp: 'led',
    lamping: 'one',
  },
  {
    name: 'Two lamps',
    question: 'And with two lamps?',
    before:
      'Two LEDs side by side on the kiwis. Change what stands on the desk: bought cells, bulbs, two lamps in a row.',
    after:
      'Lamps side by side share the current, lamps in a row share the volts. Stiff cells do not mind a second lamp beside the first; weak ones give the same current as before, half of it to each.',
    show: 'table',
    cell: HOME_MADE_CELL,
    lamp: 'led',
    lamping: 'two side by side',
  },
  {
    name: 'Why both are right',
    question: 'Where does one school end and the other begin?',
    before:
      'Two cells and one lamp of 100 Ω. Only one thing is changed: the resistance inside each cell.',
    after:
      'Below the lamp’s resistance series wins, above it parallel wins; where they are equal both give the same. Bought cells stand far at the left, kiwis far at the right. Nobody is wrong: they speak of different cells.',
    show: 'why',
  },
];
