import { refusalWords } from '../../wording/problems';
import type { Asked } from './useQuestion';

/** What stands where an answer would: that it is being worked out, took too long, or what was refused and what is allowed. */
export function Unanswered({ asked, working }: { asked: Asked<unknown>; working: string }) {
  if (asked.value !== null) return null;
  const [refusal] = asked.refusals;
  return (
    <p className={refusal ? 'problem m-0' : 'working m-0'} role="status">
      {refusal ? refusalWords(refusal) : asked.late ? 'It took too long and was given up.' : working}
    </p>
  );
}
