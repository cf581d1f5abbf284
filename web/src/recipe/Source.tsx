import { FolderOpen } from 'lucide-react';
import { useRef, useState } from 'react';
import { Press } from '../design/ui/Press';

/** One of our own, to try it on. */
const example = `Fish pie for the quay. Feeds a crowd.
1 lb flour, 9 oz butter,
a tablespoon of salt, cold water.
Rub the butter in like breadcrumbs. Chill.
2 lb smoked haddock, poached in a pint of milk,
3 leeks, softened. Thicken the milk with
2 oz flour and 2 oz butter.
Line the dish, fill it, lid on.
Bake at gas 7, 150 °C until golden,
about 40 minutes. Good hot or cold.`;
const readable = '.txt,.md,.markdown,.json,.jsonld,.yaml,.yml,.html,.htm,text/plain';
const largest = 5_000_000;

/** A photograph read as text is full of signs no page has. */
const areWords = (text: string): boolean => {
  const head = [...text.slice(0, 4000)];
  const odd = head.filter((c) => c === '\ufffd' || (c < ' ' && !'\t\n\r\f\v'.includes(c))).length;
  return odd * 50 <= head.length;
};

/** Where the words come from: pasted, written, or out of a file. */
export function Source({
  text,
  working,
  ready,
  onText,
  onDone,
}: {
  text: string;
  working: boolean;
  ready: boolean;
  onText: (text: string) => void;
  onDone: () => void;
}) {
  const file = useRef<HTMLInputElement>(null);
  const [said, setSaid] = useState('');
  const open = async (chosen: File | undefined) => {
    if (!chosen) return;
    if (chosen.size > largest) {
      setSaid(`${chosen.name} is over five megabytes: that is no recipe. Nothing was changed.`);
      return;
    }
    setSaid(`Opening ${chosen.name}`);
    try {
      const words = await chosen.text();
      if (!areWords(words)) {
        setSaid(`${chosen.name} is a picture, or something else that is not words. Nothing was changed.`);
        return;
      }
      onText(words);
      setSaid(chosen.name);
      onDone();
    } catch {
      setSaid(`${chosen.name} could not be read. Nothing was changed.`);
    }
  };
  return (
    <section className="recipe-source" aria-label="The words">
      <label className="visually-hidden" htmlFor="recipe-text">
        The recipe’s words
      </label>
      <textarea
        id="recipe-text"
        className="text-field paper"
        value={text}
        spellCheck={false}
        placeholder="Paste it here, as it is."
        onChange={(e) => onText(e.target.value)}
      />
      <div className="flex flex-wrap items-center gap-3">
        <Press crimp disabled={!ready || working} onClick={onDone}>
          Read it
        </Press>
        <input
          ref={file}
          type="file"
          className="visually-hidden"
          accept={readable}
          tabIndex={-1}
          aria-label="A file with a recipe"
          onChange={(e) => void open(e.target.files?.[0])}
        />
        <Press quiet onClick={() => file.current?.click()}>
          <span className="flex items-center gap-2">
            <FolderOpen size={18} aria-hidden="true" /> Open a file
          </span>
        </Press>
        {text === '' && (
          <Press quiet onClick={() => onText(example)}>
            Try it on an old fish pie
          </Press>
        )}
        {text !== '' && (
          <Press quiet onClick={() => onText('')}>
            Begin again
          </Press>
        )}
      </div>
      <p className="m-0 quiet-ink" role="status">
        {said || 'Plain text, Markdown, YAML, or a web page’s recipe data. It is read on this device.'}
      </p>
    </section>
  );
}
