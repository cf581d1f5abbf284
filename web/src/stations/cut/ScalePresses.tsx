import { inOtherUnit } from '@crustallum/core/devices/failings';
import { DeviceWords } from '../../devices/DeviceWords';
import { scale } from '../../devices/scale';
import { NumberField } from '../../design/ui/NumberField';
import { weight } from '../../wording/numbers';

interface Props {
  reading: number;
  /** What is to lie on it, g: what shows ounces is known by it. */
  expectedG: number;
  said: string;
  onKeep: () => void;
}
const gramRule = { min: 0, max: 50_000, unit: 'g', integer: false };

/** The stand-in for a scale: its reading, grams to put on, what another scale reads, and "that is one". */
export function ScalePresses({ reading, expectedG, said, onKeep }: Props) {
  const doubt = reading >= 1 ? inOtherUnit('scale', reading, expectedG) : null;
  return (
    <div role="group" aria-label="The stand-in for a scale">
      <p className="m-0" role="status">
        On the scale <strong style={{ fontSize: 28 }}>{weight(reading)}</strong>, {said}
      </p>
      <DeviceWords device="scale" doubt={doubt} write={weight} />
      <div className="flex flex-wrap items-baseline gap-2">
        {[50, 10, 1, -1].map((g) => (
          <button key={g} type="button" className="press quiet" onClick={() => scale.put(g)}>
            {g > 0 ? `+${g}` : g}
          </button>
        ))}
        <button type="button" className="press" disabled={reading < 1 || doubt !== null} onClick={onKeep}>
          That is one
        </button>
        <span>
          or as yours reads{' '}
          <NumberField
            label="As your scale reads"
            value={reading}
            rule={gramRule}
            unit="g"
            places={1}
            onChange={(g) => scale.typed(g)}
          />
        </span>
      </div>
    </div>
  );
}
