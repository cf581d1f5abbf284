import type { LikedInput } from '@crustallum/core/contracts/log';
import { logWords } from '@crustallum/core/contracts/logWords';
import { Choice } from '../design/ui/Choice';

const options = logWords.liked.map((w) => [w, w] as const);
const [notAsked] = logWords.liked;

/** How each of those who were named liked it. */
export function Liked({
  people,
  liked,
  onChange,
}: {
  people: readonly string[];
  liked: readonly LikedInput[];
  onChange: (liked: LikedInput[]) => void;
}) {
  if (people.length === 0) return null;
  const of = (name: string) => liked.find((l) => l.name === name)?.how ?? notAsked;
  return (
    <section aria-label="How each liked it">
      {people.map((name) => (
        <Choice
          key={name}
          label={`${name} ate it`}
          value={of(name)}
          options={options}
          onChange={(how) =>
            onChange([...liked.filter((l) => l.name !== name), ...(how === notAsked ? [] : [{ name, how }])])
          }
        />
      ))}
    </section>
  );
}
