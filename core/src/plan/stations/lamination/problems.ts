import type { ItemInput } from '../../../contracts/item';
import type { KitchenInput } from '../../../contracts/kitchen';
import { problem, type Problem } from '../../problem';
import type { CutPlan } from '../cut/station';
import { styleOf } from '../dough/formula';
import type { DoughPlan } from '../dough/station';
import { highestPacketMm, type CrumbResult, type FoldsResult } from './result';
import { foldsIn } from './turns';

/** What does not work out of turns: a bought laminate comes folded. */
export function foldsProblems(item: ItemInput, kitchen: KitchenInput, cut: CutPlan, r: FoldsResult): Problem[] {
  const found: Problem[] = [];
  const t = cut.rolled.thicknessMm;
  const turns = foldsIn(item.folds).length;
  const last = r.rows[turns - 1] ?? r.turn;
  const bench = Math.max(kitchen.benchLengthMm, kitchen.benchWidthMm);
  const highest = Math.max(...r.rows.map((row) => row.foldedMm));
  const made = styleOf(item.dough) !== 'boughtPuff';
  const longest = r.rows.reduce((most, row) => (row.lengthMm > most.lengthMm ? row : most));
  const own = item.folds.ownTurns?.some((t) => t.turn === longest.turn);
  if (made && longest.lengthMm > bench)
    found.push(
      problem(
        'folds',
        'longer_than_bench',
        'stop',
        [own ? 'folds.ownTurns' : 'folds.rolledLengthMm', 'kitchen.benchLengthMm'],
        {
          length: longest.lengthMm,
          bench,
        },
      ),
    );
  const thicker = r.rows.find((row) => row.rolledMm > row.fromMm + 1e-9);
  if (made && thicker)
    found.push(
      problem('folds', 'turn_thicker_than_packet', 'stop', ['folds.ownTurns'], {
        turn: thicker.turn,
        rolled: thicker.rolledMm,
        packet: thicker.fromMm,
      }),
    );
  if (made && last.foldedMm <= t)
    found.push(
      problem('folds', 'final_thicker_than_packet', 'stop', ['cut.thicknessMm', 'folds.rolledLengthMm'], {
        packet: last.foldedMm,
        sheet: t,
      }),
    );
  if (made && highest > highestPacketMm)
    found.push(
      problem('folds', 'packet_too_high', 'stop', ['folds.rolledLengthMm'], {
        packet: highest,
        highest: highestPacketMm,
      }),
    );
  const chosen = r.columns[turns - 1];
  if (chosen.band === 'merging')
    found.push(problem('folds', 'films_merge', 'warn', ['folds.turns'], { um: chosen.fatUm, turns }));
  return found;
}

/** What does not work out of a crumb. */
export function crumbProblems(item: ItemInput, cut: CutPlan, dough: DoughPlan, r: CrumbResult): Problem[] {
  const found: Problem[] = [];
  const { crumbMm } = item.folds;
  const sheet = cut.rolled.thicknessMm;
  if (r.streakMm > sheet * 0.5 && crumbMm > sheet)
    found.push(
      problem('folds', 'lump_too_big', 'warn', ['folds.crumbMm', 'cut.thicknessMm'], { crumb: crumbMm, sheet }),
    );
  if (dough.band && dough.outOfBowlC > dough.band.soft)
    found.push(
      problem('folds', 'crumb_melts', 'warn', ['dough.fatC', 'kitchen.roomC', 'dough.method'], {
        outC: dough.outOfBowlC,
        soft: dough.band.soft,
      }),
    );
  return found;
}
