import type { CoolingWay } from '@crustallum/core/plan/questions/coolings';
import { useAppSelector } from '../../desk/store';
import { useItem } from '../../desk/useItem';
import { counted, span, thin } from '../../wording/numbers';
import { coolingWords } from '../../wording/words';
import { useQuestion } from '../_shared/useQuestion';

/** All ways to cool this filling, side by side; each is a press. */
export function Coolings() {
  const { item, change } = useItem();
  const kitchen = useAppSelector((s) => s.desk.kitchen);
  const { value: ways } = useQuestion<CoolingWay[]>(
    'plan.coolings',
    item && kitchen ? { item: item.document, kitchen } : null,
  );
  if (!item || !ways || ways.length === 0) return null;
  const { coolIn, coolAt } = item.document.filling;
  return (
    <section aria-label="Ways to cool it" className="mt-3" style={{ maxWidth: 660 }}>
      <strong>Ways to cool it</strong>
      <ul
        className="plain-list mt-1 grid gap-2 p-0"
        style={{ gridTemplateColumns: 'repeat(auto-fill, minmax(204px, 1fr))' }}
      >
        {ways.map((w) => {
          const on = w.coolIn === coolIn && w.coolAt === coolAt;
          return (
            <li key={w.coolIn + w.coolAt}>
              <button
                type="button"
                className={`press w-full ${on ? '' : 'quiet'}`}
                style={{ display: 'block', height: '100%', padding: '8px 14px', textAlign: 'left', lineHeight: 1.25 }}
                aria-pressed={on}
                onClick={() => change({ 'filling.coolIn': w.coolIn, 'filling.coolAt': w.coolAt })}
              >
                <span className="block">{w.minutes === null ? 'never' : span(w.minutes)}</span>
                <span className="block" style={{ fontWeight: 460, fontSize: 16 }}>
                  {w.coolIn === 'pot' ? 'in the pot' : `in ${counted(w.count, 'tray', 'trays')}`}{' '}
                  {coolingWords[w.coolAt]}, {thin(w.depthMm, 0)} deep
                  {w.minutes !== null && w.caution !== 'within' ? '; over the guidance' : ''}
                </span>
              </button>
            </li>
          );
        })}
      </ul>
    </section>
  );
}
