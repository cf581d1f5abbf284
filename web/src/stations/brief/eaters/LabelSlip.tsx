import type { EaterInput } from '@crustallum/core/contracts/eater';
import { diets, type Allergen, type Diet } from '@crustallum/core/ingredients/ingredient';
import { comparable } from '@crustallum/core/ingredients/search';
import type { Meeting } from '@crustallum/core/plan/eaters/meets';
import type { LarderThing } from '@crustallum/core/contracts/larder';
import { Dialog } from 'radix-ui';
import { useState } from 'react';
import { useAddLarderMutation, useChangeLarderMutation, useLarderQuery } from '../../../api/api';
import { offeredAllergens, offeredDiets } from '../../../wording/eaters';
import { allergenWords } from '../../../wording/dough';
import { Presses } from '../EaterSlip';

const names = offeredAllergens.map(([a, , sign]) => [a, allergenWords[a] ?? a, sign] as const);
const suited = offeredDiets.filter((d): d is (typeof offeredDiets)[number] & readonly [Diet, string, string] =>
  (diets as readonly string[]).includes(d[0]),
);

/** Things of the larder that are what is met: by what they are, else by name. */
const sameThings = ({ name, ingredient }: Meeting, larder: readonly LarderThing[]) =>
  larder.filter(
    (t) => (ingredient && t.ingredient === ingredient) || comparable(t.name.split(',')[0] ?? '') === comparable(name),
  );

/** What a packet says of allergens and diets: kept with the thing in the larder, where every dish that takes it reads it. */
export function LabelSlip({ meeting, eater, onClose }: { meeting: Meeting; eater: EaterInput; onClose: () => void }) {
  const { data: larder } = useLarderQuery();
  const { name, ingredient } = meeting;
  const same = sameThings(meeting, larder ?? []);
  const said = same[0]?.label;
  const [change, changed] = useChangeLarderMutation();
  const [add, added] = useAddLarderMutation();
  const [contains, setContains] = useState<Allergen[]>(said?.contains ?? []);
  const [traces, setTraces] = useState<Allergen[]>(said?.traces ?? []);
  const [suits, setSuits] = useState<Diet[]>(said?.suits ?? []);
  const [without, setWithout] = useState<string[]>(said?.without ?? []);
  const keep = async () => {
    const label = { contains, traces, suits, without };
    const done = await Promise.all(
      same.length
        ? same.map((t) => change({ ...t, label: { ...t.label, ...label } }))
        : [add({ name, grams: 0, shelf: 'H', note: 'its label only', ...(ingredient ? { ingredient } : {}), label })],
    );
    if (done.every((d) => !d.error)) onClose();
  };
  const failed = changed.error ?? added.error;
  return (
    <Dialog.Root open onOpenChange={(to) => !to && onClose()}>
      <Dialog.Portal>
        <Dialog.Overlay className="veil" />
        <Dialog.Content className="slip dialog" style={{ maxWidth: 640 }} aria-describedby={undefined}>
          <Dialog.Title className="sign m-0" style={{ fontSize: 25 }}>
            The label of {name.toLowerCase()}
          </Dialog.Title>
          <p className="m-0" style={{ fontSize: 16 }}>
            {same.length > 1 ? `All ${same.length} packets of it in the larder. ` : ''}Press everything it names, in
            bold or after “contains”.
          </p>
          <Presses label="It names" offered={names} on={contains} onChange={setContains} />
          <Presses label="It warns of traces of" offered={names} on={traces} onChange={setTraces} />
          <Presses label="It says it suits" offered={suited} on={suits} onChange={setSuits} />
          {eater.words.length > 0 && (
            <Presses
              label="Looked for in its list, and not there"
              offered={eater.words.map((w) => [w, w, '●'] as const)}
              on={without}
              onChange={setWithout}
            />
          )}
          {failed !== undefined && (
            <p className="problem m-0" role="alert">
              It was not kept: it changed elsewhere meanwhile, or the server did not answer. Press again.
            </p>
          )}
          <div className="mt-3 flex flex-wrap gap-3">
            <button
              type="button"
              className="press"
              disabled={changed.isLoading || added.isLoading}
              onClick={() => void keep()}
            >
              {contains.length ? 'That is all it names' : 'It names none of these'}
            </button>
            <Dialog.Close className="press quiet">Not read</Dialog.Close>
          </div>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}
