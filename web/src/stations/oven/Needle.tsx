import { Slider } from 'radix-ui';
import { keysOn } from '../../design/ui/letterKeys';
import { plain } from '../../wording/numbers';
import type { Axis } from './Strips';

/** The needle along a minute axis: dragged or moved by keys, it says the minute that is drawn. Laid over a drawing, in its px. */
export function Needle({
  axis,
  minute,
  y,
  label,
  says,
  onMinute,
}: {
  axis: Axis;
  minute: number;
  y: number;
  label: string;
  says: string;
  onMinute: (minute: number) => void;
}) {
  const end = Math.floor(axis.endMin);
  return (
    <Slider.Root
      className="absolute flex h-11 touch-none items-center"
      style={{ left: axis.left - 22, width: axis.long + 44, top: y }}
      min={0}
      max={end}
      step={1}
      value={[Math.min(end, minute)]}
      onValueChange={([m]) => m !== undefined && onMinute(m)}
      onKeyDown={(e) => {
        if (!e.shiftKey || !['ArrowLeft', 'ArrowRight'].includes(e.key) || !keysOn()) return;
        e.preventDefault();
        onMinute(Math.max(0, Math.min(end, minute + (e.key === 'ArrowLeft' ? -5 : 5))));
      }}
    >
      <Slider.Track className="relative h-full w-full" />
      <Slider.Thumb className="needle" aria-label={label} aria-valuetext={says}>
        {plain(minute, 0)}
      </Slider.Thumb>
    </Slider.Root>
  );
}
