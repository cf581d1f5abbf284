import { hasNeed } from '@crustallum/core/contracts/eater';
import { ItemSign } from '../../../design/drawings/signs';
import { needsOf } from '../../../wording/eaters';
import { colour } from '../../clock/packed';
import { answerOf, markFor, spoken, type EatersDrawn } from './drawn';
import { Knot } from './Knot';

/** The same with strands that run down: who needs something first, those who eat everything gathered under one number. */
export function EaterRows(drawn: EatersDrawn) {
  const { eaters, who, dishes, chosen, onChoose } = drawn;
  const needy = eaters.flatMap((e, i) => (hasNeed(e) ? [i] : []));
  const plain = eaters.length - needy.length;
  const first = eaters.findIndex((e) => !hasNeed(e));
  const rows = [...needy, ...(first >= 0 ? [first] : [])];
  const column = 54;
  return (
    <div style={{ overflowX: 'auto' }}>
      <div className="flex items-center justify-end" aria-hidden="true">
        {dishes.map((d, k) => (
          <span key={k} className="flex justify-center" style={{ width: column, color: colour(k) }}>
            <ItemSign sign={d.sign} size={28} />
          </span>
        ))}
      </div>
      <ul className="plain-list">
        {rows.map((i) => (
          <li key={i} style={{ borderTop: '1px solid var(--color-hair)' }}>
            <button
              type="button"
              className="flex w-full items-center border-0 bg-transparent p-0 text-left"
              style={{ minHeight: 46, ...(i === chosen ? { boxShadow: 'inset 4px 0 0 var(--color-ink)' } : {}) }}
              aria-pressed={i === chosen}
              aria-label={i === first ? `${plain} eat everything` : spoken(drawn, i)}
              onClick={() => onChoose(i)}
            >
              <span className="flex-1 pl-2">
                <strong>{i === first ? `${plain}` : eaters[i]?.name}</strong>{' '}
                <span className="quiet-ink" style={{ fontSize: 15 }}>
                  {i === first ? 'eat everything' : eaters[i] && needsOf(eaters[i]).join(', ')}
                </span>
              </span>
              {dishes.map((_, k) => (
                <svg
                  key={k}
                  width={column}
                  height="46"
                  viewBox="-27 -23 54 46"
                  aria-hidden="true"
                  style={{ flex: 'none' }}
                >
                  <path
                    d={answerOf(who, i, k) === 'may' ? 'M0-23V23' : 'M0-23V-14M0 14V23'}
                    stroke={colour(k)}
                    strokeWidth="3"
                  />
                  <Knot
                    answer={answerOf(who, i, k)}
                    mark={markFor(who, eaters[i]?.name ?? '', k)}
                    colour={colour(k)}
                    upright
                  />
                </svg>
              ))}
            </button>
          </li>
        ))}
      </ul>
    </div>
  );
}
