import { Link } from 'react-router';
import { suit, useComfort } from './comfort';
import { knock } from './sounds';
import { WhoseScreen } from './WhoseScreen';

const loudWords = ['silent', 'low', 'as usual', 'loud'] as const;
const largerWords = ['as usual', 'larger', 'largest'] as const;

const Press = ({ on, children, onClick }: { on: boolean; children: React.ReactNode; onClick: () => void }) => (
  <button type="button" className={`press bench-side ${on ? '' : 'quiet'}`} aria-pressed={on} onClick={onClick}>
    {children}
  </button>
);

/** Whose this screen is, and how it suits them: sound, letters, hand, voice. */
export function ThisScreen({
  cooks,
  cook,
  beMine,
}: {
  cooks: readonly string[];
  cook: string | null;
  beMine: (cook: string | null) => void;
}) {
  const { loud, larger, leftHanded, spoken } = useComfort();
  const canFill = typeof document.documentElement.requestFullscreen === 'function';
  return (
    <section aria-label="This screen" className="this-screen">
      <h3 className="sign m-0">This screen</h3>
      <WhoseScreen cooks={cooks} cook={cook} onChange={beMine} />
      <p className="m-0" id="loud">
        Sound
      </p>
      <div className="bench-row" role="group" aria-labelledby="loud">
        {loudWords.map((word, n) => (
          <Press
            key={word}
            on={loud === n}
            onClick={() => {
              suit({ loud: n });
              knock();
            }}
          >
            {word}
          </Press>
        ))}
      </div>
      <p className="m-0" id="larger">
        Letters
      </p>
      <div className="bench-row" role="group" aria-labelledby="larger">
        {largerWords.map((word, n) => (
          <Press key={word} on={larger === n} onClick={() => suit({ larger: n as 0 | 1 | 2 })}>
            {word}
          </Press>
        ))}
      </div>
      <div className="bench-row">
        <Press on={leftHanded} onClick={() => suit({ leftHanded: !leftHanded })}>
          Left-handed
        </Press>
        <Press on={spoken} onClick={() => suit({ spoken: !spoken })}>
          Speak the calls
        </Press>
        <Link to="/bench?wall" className="press quiet bench-side">
          On the wall
        </Link>
        {canFill && (
          <Press
            on={document.fullscreenElement !== null}
            onClick={() =>
              void (document.fullscreenElement
                ? document.exitFullscreen()
                : document.documentElement.requestFullscreen())
            }
          >
            Whole screen
          </Press>
        )}
      </div>
    </section>
  );
}
