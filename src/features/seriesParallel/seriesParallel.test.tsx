/** @jest-environment jsdom */
import '@/testing/ui/mocks';
import { fireEvent, screen } from '@testing-library/react';
import { expectAccessible } from '@/testing/ui/accessible';
import { choose } from '@/testing/ui/acting';
import { navigation } from '@/testing/ui/navigation';
import { showPage } from '@/testing/ui/toolPage';
import { SeriesParallelPage } from './SeriesParallelPage';

const at = (step: number): void => {
  navigation.search = `step=${step}`;
  showPage(<SeriesParallelPage />);
};

test('stiff cells: brighter in series, longer in parallel; dark every way with a lamp too large', async () => {
  at(1);
  const words = screen.getByTestId('joining-words');
  expect(words).toHaveTextContent('In series it is brighter; in parallel it lasts longer');
  await expectAccessible();
});

test('weak cells turn it round, and a torch bulb stays dark', () => {
  at(2);
  const words = screen.getByTestId('joining-words');
  expect(words).toHaveTextContent('In parallel it is brighter');
  choose(screen.getByRole('combobox', { name: 'Lamp' }), 'torch bulb, 2.5 V 0.2 A');
  expect(words).toHaveTextContent('Dark every way');
});

test('which of both wins follows the resistance inside the cells', async () => {
  at(4);
  const wins = screen.getByTestId('which-wins');
  expect(wins).toHaveTextContent('series gives more');
  const slider = screen.getByRole('slider', { name: /Resistance inside each cell/ });
  fireEvent.change(slider, { target: { value: slider.getAttribute('max') } });
  expect(wins).toHaveTextContent('parallel gives more');
  await expectAccessible();
});
