import type { Figure } from '@crustallum/core/plan/figure';
import { Popover } from 'radix-ui';
import { memo } from 'react';
import { useSources } from './rules';
import { plain, shown } from '../../wording/numbers';
import { reasonWords } from '../../wording/reasons';
import { valueWords } from '../../wording/values';
import { certaintyWords } from '../../wording/words';
import { Because } from './Because';

interface Props {
  name: string;
  figure: Figure;
  working?: boolean;
  /** Another way to write the value, e.g. a clock time. */
  written?: string;
}

/** A worked number in the margin: name, number, because; what went in, the source and how sure we are are one tap away. */
export const MarginNumber = memo(function MarginNumber({ name, figure, working, written }: Props) {
  const { value, unit } = written ? { value: written, unit: '' } : shown(figure);
  const because = reasonWords(figure.reason);
  return (
    <div className="ans">
      <div className="n">{name}</div>
      <Popover.Root>
        <Popover.Trigger className={`v ${working ? 'working' : ''}`} aria-label={`${name}: ${value} ${unit}. Why?`}>
          {value}
          <small>
            {unit}
            {figure.range && figure.value !== null && figure.unit === 'min'
              ? ` (${plain(figure.range[0], 0)}–${plain(figure.range[1], 0)})`
              : ''}
          </small>
        </Popover.Trigger>
        <Popover.Portal>
          <Popover.Content className="slip" side="left" collisionPadding={12} sideOffset={8}>
            <p className="m-0">
              <strong>{name}</strong> {because && <Because>{because}</Because>}
            </p>
            <WhatWentIn figure={figure} />
          </Popover.Content>
        </Popover.Portal>
      </Popover.Root>
      <div className="b">
        {because && <Because>{because}</Because>}
        <div className="in-full">
          <WhatWentIn figure={figure} />
        </div>
      </div>
    </div>
  );
}, same);

/** A plan brings new objects for figures that stayed as they were: compared by what they say. */
function same(a: Props, b: Props): boolean {
  return (
    a.name === b.name &&
    a.working === b.working &&
    a.written === b.written &&
    JSON.stringify(a.figure) === JSON.stringify(b.figure)
  );
}

/** The values behind a number, the formula's source and how sure we are. */
function WhatWentIn({ figure }: { figure: Figure }) {
  const source = useSources()[figure.reason.source];
  return (
    <>
      <dl className="mt-2 mb-0 grid" style={{ gridTemplateColumns: 'auto 1fr', gap: '2px 12px' }}>
        {Object.entries(figure.reason.values).map(([key, v]) => {
          const { name, written } = valueWords(key, v);
          return (
            <div key={key} style={{ display: 'contents' }}>
              <dt className="quiet-ink">{name}</dt>
              <dd className="m-0">{written}</dd>
            </div>
          );
        })}
      </dl>
      <p className="mt-2 mb-0">
        {source ? `${source.summary}. ${source.source}.` : figure.reason.source}{' '}
        <strong>{certaintyWords[figure.reason.certainty]}.</strong>
        {figure.range &&
          figure.value !== null &&
          ` Likely ${plain(figure.range[0], 0)} to ${plain(figure.range[1], 0)} ${figure.unit}.`}
      </p>
    </>
  );
}
