import { NumberField } from '../../design/ui/NumberField';
import { useRule } from '../../design/ui/rules';

/** A number written in where it stands, within the range its path states. */
export function Ruled({
  path,
  label,
  value,
  onChange,
  ...written
}: {
  path: string;
  label: string;
  value: number;
  onChange: (n: number) => void;
  /** Shown value = stored value × scale, in this unit, to so many places. */
  scale?: number;
  unit?: string;
  places?: number;
}) {
  const rule = useRule(path);
  return (
    <NumberField
      label={label}
      value={value}
      rule={rule}
      unit={rule.unit}
      {...(rule.integer ? { places: 0 } : {})}
      {...written}
      onChange={onChange}
    />
  );
}
