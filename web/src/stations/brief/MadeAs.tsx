import { forms, type Form } from '@crustallum/core/plan/formNames';
import { useEffect, useState } from 'react';
import { changeDocument } from '../../desk/changes';
import { useAppDispatch, useAppSelector } from '../../desk/store';
import { useItem } from '../../desk/useItem';
import { Choice } from '../../design/ui/Choice';
import { formWords } from '../../wording/words';
import { planner } from '../../workers/planner';

/** What the item in hand is made as: another form keeps its filling, and its dough where that form can be of it. */
export function MadeAs() {
  const { item } = useItem();
  const dispatch = useAppDispatch();
  const people = useAppSelector((s) => s.desk.meal?.mouthCount ?? 4);
  const [form, setForm] = useState<Form | null>(null);
  const document = item?.document;
  useEffect(() => {
    if (!document) return;
    let current = true;
    void planner.formOf(document).then((found) => current && setForm(found));
    return () => {
      current = false;
    };
  }, [document]);
  if (!item || !document) return null;
  return (
    <Choice
      label={`${document.title}: made as`}
      value={form ?? ''}
      options={[...(form ? [] : [['', '…'] as const]), ...forms.map((f) => [f, formWords[f]] as const)]}
      onChange={(to) =>
        void planner
          .asForm(document, to as Form, people)
          .then((after) => dispatch(changeDocument(item.id, after, 'product')))
      }
    />
  );
}
