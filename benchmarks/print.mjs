/** One line of the bench: what, how fast, and what it is held against. */
export function printRow(name, figure, note = '') {
  console.log(`${name.padEnd(58)} ${figure}${note === '' ? '' : `   (${note})`}`);
}
