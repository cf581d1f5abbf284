import { useSources } from './rules';
import { certaintyWords } from '../../wording/words';

/** Where the numbers of a section come from, one press away: what went in, how it is worked out, the source and how sure. */
export function Whence({ model, given }: { model: string; given: string }) {
  const source = useSources()[model];
  if (!source) return null;
  return (
    <details className="more">
      <summary>Why</summary>
      <p className="m-0">
        From {given}. {source.summary}. {source.source}. <strong>{certaintyWords[source.certainty]}.</strong>
      </p>
    </details>
  );
}
