import type { Socket } from 'node:net';

/**
 * Answers a client line by line, as a bench meter does: a reply of its own to each, none where the answer is `null`.
 * @param longest bytes after which a line without an end is no command: the client is cut off.
 */
export function answerLines(
  socket: Socket,
  answer: (line: string) => string | null,
  longest = Infinity,
): void {
  let received = '';
  socket.setEncoding('latin1');
  socket.on('data', (chunk: string) => {
    received += chunk;
    for (let end = received.indexOf('\n'); end >= 0; end = received.indexOf('\n')) {
      const reply = answer(received.slice(0, end).replace(/\r$/, ''));
      received = received.slice(end + 1);
      if (reply !== null) socket.write(`${reply}\n`);
    }
    if (received.length > longest) socket.destroy();
  });
  // A client that hangs up in the middle is no trouble for a meter.
  socket.on('error', () => socket.destroy());
}
