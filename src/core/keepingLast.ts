/**
 * A pure function that answers the same question with the same object while it is among the last so many that were asked.
 * @param most number of answers that are kept; the one that was asked for longest ago goes first.
 */
export function keepingLast<Question, Answer extends object>(
  most: number,
  keyOf: (question: Question) => string,
  answerTo: (question: Question) => Answer,
): (question: Question) => Answer {
  const kept = new Map<string, Answer>();
  return (question) => {
    const key = keyOf(question);
    const answer = kept.get(key) ?? answerTo(question);
    kept.delete(key);
    kept.set(key, answer);
    const [oldest] = kept.keys();
    if (kept.size > most && oldest !== undefined) kept.delete(oldest);
    return answer;
  };
}
