/** @jest-environment jsdom */
import { DEMO_RECIPE } from '../../cli/demoRecipe';
import '@/testing/ui/mocks';
import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import { ownRecipeFrom } from '@/core/physics/recipes/ownRecipe';
import { expectAccessible } from '@/testing/ui/accessible';
import { fill, plain, press } from '@/testing/ui/acting';
import { navigation } from '@/testing/ui/navigation';
import { answerNext } from '@/testing/ui/server';
import { showPage } from '@/testing/ui/toolPage';
import { RecipeEditor } from './RecipeEditor';
import { RecipesPage } from './RecipesPage';
import { ShippedRecipe } from './ShippedRecipe';

const figures = (): string => plain(screen.getByTestId('recipe-figures').textContent ?? '');

test('a shipped recipe is read with its film and its caution, and made one’s own', async () => {
  const { kept } = showPage(<ShippedRecipe id="magnesium-graphite" />);
  expect(screen.getByText(/A film covers the magnesium/)).toBeVisible();
  expect(screen.getByText(/burns white-hot/)).toBeVisible();
  await expectAccessible();
  press('Make it my own');
  await waitFor(() => expect(navigation.pushed).toContain('/recipes/tested'));
  expect(kept).toMatchObject([{ url: '/api/recipes/import', method: 'POST' }]);
});

test('an own recipe: readings move its figures, a range the wrong way round is told, steps move and come back', async () => {
  showPage(
    <RecipeEditor id="tested" initial={ownRecipeFrom('magnesium-graphite')} initialRevision={1} />,
  );
  fill(screen.getByLabelText('Short-circuit milliamps, highest'), '80');
  expect(figures()).toMatch(/28\.\d mA shorted/);
  fill(screen.getByLabelText('Open-circuit volts, lowest'), '2');
  expect(screen.getByText('The lowest reading must not be above the highest.')).toBeVisible();
  expect(figures()).toMatch(/1\.50 V/);
  fill(screen.getByLabelText('Open-circuit volts, lowest'), '1.45');
  press('Add a step');
  fill(screen.getByRole('textbox', { name: 'Step 4' }), 'Count the pieces back.');
  press('Move step 4 up');
  expect(screen.getByRole('textbox', { name: 'Step 3' })).toHaveValue('Count the pieces back.');
  press('Undo');
  expect(screen.getByRole('textbox', { name: 'Step 4' })).toHaveValue('Count the pieces back.');
  // The family's own cautions cannot be unticked.
  expect(screen.getByRole('checkbox', { name: /burns white-hot/ })).toBeDisabled();
  await expectAccessible();
});

test('what a recipe stands in: another one beside the first, named, told from it, and taken away', async () => {
  const { kept } = showPage(
    <RecipeEditor id="tested" initial={ownRecipeFrom('copper-zinc-fruit')} initialRevision={1} />,
  );
  const all = screen.getAllByRole('button', { name: /^Remove / }).length;
  press('Add another');
  const added = (): HTMLElement => screen.getByRole('listitem', { name: /another one|plum/ });
  fill(within(added()).getByLabelText('One'), 'plum');
  fill(within(added()).getByLabelText('Several'), 'plums');
  fill(within(added()).getByLabelText('Volts'), '0.88');
  fill(within(added()).getByLabelText('Resistivity'), '0');
  expect(within(added()).getByLabelText('Resistivity')).toHaveAttribute('aria-invalid', 'true');
  fill(within(added()).getByLabelText('Resistivity'), '1.2');
  await waitFor(() =>
    expect(kept.at(-1)?.body).toMatchObject({
      document: {
        bodies: expect.arrayContaining([
          expect.objectContaining({
            name: 'plum',
            plural: 'plums',
            openVolts: 0.88,
            resistivityShare: 1.2,
            reactionShare: 1,
          }),
        ]),
      },
    }),
  );
  press('Remove plum');
  expect(screen.getAllByRole('button', { name: /^Remove / })).toHaveLength(all);
  press('Undo');
  expect(screen.getByRole('listitem', { name: 'plum' })).toBeInTheDocument();
});

test('own recipes are duplicated and deleted with a way back; a broken file is refused with its fault', async () => {
  const { kept } = showPage(
    <RecipesPage own={[{ id: 'harbour', recipe: DEMO_RECIPE.recipe }]} unreadable={[]} />,
  );
  const own = within(screen.getByRole('list', { name: 'Your own recipes' }));
  fireEvent.click(own.getByRole('button', { name: 'Duplicate' }));
  await waitFor(() =>
    expect(kept).toMatchObject([{ url: '/api/recipes/harbour/duplicate', method: 'POST' }]),
  );
  fireEvent.click(own.getByRole('button', { name: 'Delete' }));
  fireEvent.click(await screen.findByRole('button', { name: 'Undo' }));
  await waitFor(() => expect(kept.at(-1)?.url).toBe('/api/recipes/harbour/restore'));
  answerNext(422, {
    message: 'This file cannot be taken.',
    faults: [{ path: ['steps'], message: 'There must be at least one step.' }],
  });
  fireEvent.change(screen.getByLabelText('Import a recipe: file'), {
    target: { files: [new File(['{}'], 'broken.json', { type: 'application/json' })] },
  });
  expect(await screen.findByTestId('refusal')).toHaveTextContent(
    'steps: There must be at least one step.',
  );
});
