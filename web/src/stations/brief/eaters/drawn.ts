import type { EaterInput } from '@crustallum/core/contracts/eater';
import type { ItemInput } from '@crustallum/core/contracts/item';
import type { Answer, WhoEats } from '@crustallum/core/plan/eaters/answers';
import { answerWords, markSign, meetsWords, pieceMark } from '../../../wording/eaters';

export interface EatersDrawn {
  eaters: readonly EaterInput[];
  who: WhoEats;
  dishes: readonly ItemInput[];
  chosen: number;
  onChoose: (index: number) => void;
}

/** One eater's answer for one dish; whoever was not named eats everything. */
export const answerOf = (who: WhoEats, eater: number, dish: number): Answer =>
  who.eaters[eater]?.dishes[dish]?.answer ?? 'may';

/** The mark of the pieces that are an eater's own. */
export const markFor = (who: WhoEats, name: string, dish: number): string =>
  markSign(pieceMark(who.apart.find((a) => a.itemIndex === dish && a.eaters.includes(name)) ?? { mark: 1 }));

/** One eater's answers in words: "Noor: Lantern pies not, egg, in the wash; Coil may eat". */
export function spoken({ eaters, who, dishes }: EatersDrawn, index: number): string {
  const name = eaters[index]?.name ?? '';
  const said = dishes.map((d, i) => {
    const answer = who.eaters[index]?.dishes[i];
    if (!answer || answer.answer === 'may') return `${d.title} may eat`;
    return `${d.title} ${answerWords(name, answer).replace(/: $/, '').toLowerCase()}, ${meetsWords(answer.meets)}`;
  });
  return `${name}: ${said.join('; ')}`;
}
