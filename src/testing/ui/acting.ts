import { act, fireEvent, screen } from '@testing-library/react';

/** Text with ordinary spaces. */
export function plain(text: string): string {
  return text.replaceAll(/[\u00a0\u202f]/g, ' ');
}

/** Puts a text into a field in one edit, as pasting does, and leaves the field. */
export function fill(field: HTMLElement, text: string): void {
  act(() => field.focus());
  fireEvent.change(field, { target: { value: text } });
  fireEvent.blur(field);
}

/** Presses the button of that name. */
export function press(name: string | RegExp): void {
  fireEvent.click(screen.getByRole('button', { name }));
}

/** Chooses an option of a list by its words or its value. */
export function choose(list: HTMLElement, words: string): void {
  const option = [...list.querySelectorAll('option')].find(
    (one) => one.textContent === words || one.value === words,
  );
  if (option === undefined) throw new Error(`the list has no “${words}”`);
  fireEvent.change(list, { target: { value: option.value } });
}
