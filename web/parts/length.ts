// The length of a fish as it is typed.
import { numberIn } from '#core/text/index.ts';

const [SHORTEST_CM, LONGEST_CM] = [0.1, 300];

/** What stands against it; nothing where none is typed. */
export function lengthFault(text: string): string | undefined {
  const cm = numberIn(text);
  return text.trim() === '' || (cm !== undefined && cm >= SHORTEST_CM && cm <= LONGEST_CM)
    ? undefined
    : 'The length cannot be read: centimetres, such as 4.5.';
}
