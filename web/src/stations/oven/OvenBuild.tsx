import { OvenBuildInput } from '@crustallum/core/oven/inputs';
import { numberRule } from '@crustallum/core/quantities/rules';
import { Because } from '../../design/ui/Because';
import { NumberField } from '../../design/ui/NumberField';
import { Pick } from '../../design/ui/Pick';

/** An ordinary oven, by which the engine was set. */
const ordinary = { litres: 65, airflow: 1 } as const;
/** A small cabinet that blows its air round hard (estimate). */
const blown = 1.6;

/** How an oven is built: what it burns, how large it is, how hard its air is blown, whether it lets steam in. */
export function OvenBuild({
  id,
  build,
  onBuild,
}: {
  id: string;
  build: OvenBuildInput | undefined;
  onBuild: (build: OvenBuildInput | undefined) => void;
}) {
  const put = (part: Partial<OvenBuildInput>) => {
    const said = Object.entries({ ...build, ...part }).filter(([, value]) => value !== undefined);
    onBuild(said.length > 0 ? Object.fromEntries(said) : undefined);
  };
  const litresId = `${id}-litres`;
  return (
    <>
      <Pick
        label="It burns"
        value={build?.burns ?? 'electric'}
        options={[
          ['electric', 'no gas'],
          ['gas', 'gas'],
        ]}
        onChange={(burns) => put({ burns: burns === 'gas' ? 'gas' : undefined })}
      />
      <Pick
        label="Its air"
        value={(build?.airflow ?? 1) > ordinary.airflow ? 'blown' : 'ordinary'}
        options={[
          ['ordinary', 'as ovens have'],
          ['blown', 'blown hard'],
        ]}
        onChange={(air) => put({ airflow: air === 'blown' ? blown : undefined })}
      />
      <Pick
        label="Steam"
        value={build?.steams ? 'steams' : 'none'}
        options={[
          ['none', 'none'],
          ['steams', 'can be let in'],
        ]}
        onChange={(steam) => put({ steams: steam === 'steams' || undefined })}
      />
      <div className="flex items-center justify-between gap-3 py-1">
        <label htmlFor={litresId} className="quiet-ink">
          It holds
        </label>
        <NumberField
          id={litresId}
          label="It holds"
          value={build?.litres ?? ordinary.litres}
          rule={numberRule(OvenBuildInput, 'litres')}
          unit="l"
          onChange={(litres) => put({ litres: litres === ordinary.litres ? undefined : litres })}
        />
      </div>
      <p className="m-0">
        <Because>
          walls and what they lose go with its size; gas brings water into the air, and the lid stays moist longer; air
          blown hard carries more heat. Estimates: a thermometer and your own bakes say more
        </Because>
      </p>
    </>
  );
}
