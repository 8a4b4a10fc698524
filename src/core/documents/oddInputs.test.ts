import { randomStream } from '@/core/physics/chance/random';
import { ODD_ROOMS, oddText } from '@/testing/core/oddInputs';

test.each(ODD_ROOMS)('odd text is taken or refused in words: $name', ({ usual, take }) => {
  const random = randomStream(20_261_201);
  const texts = [usual, ...Array.from({ length: 60 }, () => oddText(usual, random))];
  for (const text of texts) expect(() => take(text)).not.toThrow();
});
