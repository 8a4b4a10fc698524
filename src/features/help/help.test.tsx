/** @jest-environment jsdom */
import '@/testing/ui/mocks';
import { readFileSync } from 'node:fs';
import { fireEvent, screen, within } from '@testing-library/react';
import { SOURCE_IDS, SOURCE_TITLES } from '@/core/sourceIds';
import { DEFAULT_REASONS } from '@/core/work/help/defaults';
import { GLOSSARY } from '@/core/work/help/glossary';
import { SOURCES, TRUST_WORDS } from '@/core/work/help/sources';
import { wordAnchor } from '@/ui/jump/wordAnchor';
import { expectAccessible } from '@/testing/ui/accessible';
import { navigation } from '@/testing/ui/navigation';
import { showPage } from '@/testing/ui/toolPage';
import { HelpPage } from './HelpPage';
import { version } from '../../../package.json';

test('every word has a place that links lead to, every default its reasons, every constant its source', async () => {
  showPage(<HelpPage tourOf={null} />);
  expect(screen.queryByRole('link', { name: 'One-minute tour' })).toBeNull();
  for (const { word, meaning } of GLOSSARY) {
    expect(document.getElementById(wordAnchor(word))).toHaveTextContent(meaning);
  }
  await expectAccessible();
  fireEvent.click(screen.getByRole('tab', { name: 'Why these defaults' }));
  for (const { question, grozer } of DEFAULT_REASONS) {
    expect(screen.getByRole('region', { name: question })).toHaveTextContent(grozer);
  }
  fireEvent.click(screen.getByRole('tab', { name: 'Sources of all figures' }));
  for (const id of SOURCE_IDS) {
    const card = document.getElementById(id);
    expect(card).toHaveTextContent(TRUST_WORDS[SOURCES[id].trust]);
    const table = screen.getByRole('table', { name: SOURCE_TITLES[id] });
    expect(within(table).getAllByRole('row')).toHaveLength(SOURCES[id].values.length);
  }
  await expectAccessible();
});

test('what is new is told in ten lines a version, of the version that this is', () => {
  navigation.search = 'part=new';
  showPage(<HelpPage tourOf={null} />);
  const card = screen.getByRole('region', { name: `Grozer ${version}` });
  expect(within(card).getAllByRole('listitem').length).toBeLessThanOrEqual(10);
  const changes = readFileSync('CHANGELOG.md', 'utf8');
  expect(/^## \[(.+)\]/m.exec(changes)?.[1]).toBe(version);
});

test('where a figure comes from is a part of the page that the address opens', () => {
  navigation.search = 'part=sources';
  showPage(<HelpPage tourOf={null} />);
  expect(screen.getByRole('tab', { name: 'Sources of all figures' })).toHaveAttribute(
    'aria-selected',
    'true',
  );
  expect(
    screen.getByRole('region', { name: 'How much cells and joints differ' }),
  ).toHaveTextContent('Common practice, no source');
});

test('the tour goes round the plan that is there', () => {
  showPage(<HelpPage tourOf="demo-lamp" />);
  expect(screen.getByRole('link', { name: 'One-minute tour' })).toHaveAttribute(
    'href',
    expect.stringContaining('/plans/demo-lamp/'),
  );
});
