import type { Station } from '@crustallum/core/plan/figure';
import { ChevronDown } from 'lucide-react';
import { DropdownMenu } from 'radix-ui';
import { useNavigate } from 'react-router';
import { useItem } from '../app/useItem';
import { ItemSign } from '../drawings/signs';
import { useAppSelector } from '../store/store';
import { pastryWords } from '../wording/words';

/** Whose pie the station speaks of; pressed, another can be chosen. */
export function Whose({ station }: { station: Station }) {
  const { item } = useItem();
  const { items, bakeId } = useAppSelector((s) => s.desk);
  const navigate = useNavigate();
  if (!item) return null;
  const { title, sign, dough } = item.document;
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
          <span className="whose-pastry"> · {pastryWords[dough.pastry]}</span>
        </span>{' '}
        <ChevronDown size={16} aria-hidden="true" />
      </DropdownMenu.Trigger>
      <DropdownMenu.Portal>
        <DropdownMenu.Content className="slip" align="start" sideOffset={4} style={{ padding: 6 }}>
          {items.map((i) => (
            <DropdownMenu.Item
              key={i.id}
              className="flex min-h-11 cursor-pointer items-center gap-2 rounded px-3 outline-none data-[highlighted]:bg-slab"
              onSelect={() => void navigate(`/bakes/${bakeId}/${i.id}/${station}`)}
            >
              <ItemSign sign={i.document.sign} size={20} /> {i.document.title}
            </DropdownMenu.Item>
          ))}
        </DropdownMenu.Content>
      </DropdownMenu.Portal>
    </DropdownMenu.Root>
  );
}
