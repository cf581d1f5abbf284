import { ChevronDown } from 'lucide-react';
import { DropdownMenu } from 'radix-ui';
import { memo } from 'react';
import { useNavigate, useParams } from 'react-router';
import { inHand } from '../../desk/useInput';
import { ItemSign } from '../../design/drawings/signs';
import type { StoredItem } from '@crustallum/core/contracts/bake';
import { useAppSelector } from '../../desk/store';
import { pastryWords } from '../../wording/words';
import type { Station } from '@crustallum/core/contracts/stations';

const named = ({ id, document }: StoredItem) => ({
  id,
  title: document.title,
  sign: document.sign,
  pastry: document.dough.pastry,
});

/** Whose pie the station speaks of; pressed, another can be chosen. */
export const Whose = memo(function Whose({ station }: { station: Station }) {
  const { itemId } = useParams();
  const bakeId = useAppSelector((s) => s.desk.bakeId);
  const index = useAppSelector((s) => inHand(s.desk.items, itemId));
  const pies = useAppSelector(
    (s) => s.desk.items.map(named),
    (a, b) => JSON.stringify(a) === JSON.stringify(b),
  );
  const item = pies[index];
  const navigate = useNavigate();
  if (!item) return null;
  const { title, sign, pastry } = item;
  return (
    <DropdownMenu.Root>
      <DropdownMenu.Trigger
        className="whose border-0 bg-transparent p-0"
        style={{ minHeight: 44 }}
        aria-label={`${title}: choose another pie`}
      >
        <ItemSign sign={sign} size={20} />{' '}
        <span>
          {title}
          <span className="whose-pastry"> · {pastryWords[pastry]}</span>
        </span>{' '}
        <ChevronDown size={16} aria-hidden="true" />
      </DropdownMenu.Trigger>
      <DropdownMenu.Portal>
        <DropdownMenu.Content className="slip" align="start" sideOffset={4} style={{ padding: 6 }}>
          {pies.map((i) => (
            <DropdownMenu.Item
              key={i.id}
              className="flex min-h-11 cursor-pointer items-center gap-2 rounded px-3 outline-none data-[highlighted]:bg-slab"
              onSelect={() => void navigate(`/bakes/${bakeId}/${i.id}/${station}`)}
            >
              <ItemSign sign={i.sign} size={20} /> {i.title}
            </DropdownMenu.Item>
          ))}
        </DropdownMenu.Content>
      </DropdownMenu.Portal>
    </DropdownMenu.Root>
  );
});
