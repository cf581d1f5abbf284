import type { Refusal } from '@crustallum/core/quantities/refusal';
import { sameContent, type Draft, type Theirs } from './draft';
import { noteAnswered, noteSent, wasSent } from './sent';

/** What became of a document that was sent. */
export type Outcome =
  | { kind: 'saved'; version: number }
  | { kind: 'unreachable' }
  | { kind: 'stale'; theirs: Theirs }
  | { kind: 'refused'; status: number; errors: readonly Refusal[] };

/** What the queue needs of the desk. */
export interface SavingDesk {
  /** Ids of all documents that may be sent: changed, in no conflict, and not refused as they stand. */
  unsent(): readonly string[];
  /** The document as it stands now; null when there is nothing of it to send. */
  draft(id: string): Draft | null;
  saved(sent: Draft, version: number): void;
  conflict(draft: Draft, theirs: Theirs): void;
  refused(draft: Draft, status: number, errors: readonly Refusal[]): void;
  reached(answered: boolean): void;
}

/**
 * Sends changed documents: one request in flight for each, the version of its answer taken before the next. An answer that
 * was lost is made good: when the server turns out to have what was sent, that is a save and no conflict.
 */
export class SaveQueue {
  private readonly inFlight = new Map<string, Promise<boolean>>();
  /** Sent, but not answered: whether it arrived is not known. */
  private readonly unanswered = new Map<string, Draft>();

  constructor(
    private readonly desk: SavingDesk,
    private readonly send: (draft: Draft) => Promise<Outcome>,
    /** A moment between one answer and the next request of a document that goes on changing. */
    private readonly pause: () => Promise<void> = () => Promise.resolve(),
  ) {}

  /** Sends everything unsent; false when the server could not be reached and it should be tried again. */
  async pump(): Promise<boolean> {
    const answered = await Promise.all(this.desk.unsent().map((id) => this.inFlight.get(id) ?? this.begin(id)));
    return answered.every(Boolean);
  }

  private begin(id: string): Promise<boolean> {
    const run = this.sendUntilSaved(id).finally(() => this.inFlight.delete(id));
    this.inFlight.set(id, run);
    return run;
  }

  private async sendUntilSaved(id: string): Promise<boolean> {
    for (let draft = this.desk.draft(id); draft; draft = this.desk.draft(id)) {
      noteSent(draft);
      const outcome = await this.send(draft);
      this.desk.reached(outcome.kind !== 'unreachable');
      if (outcome.kind === 'unreachable') {
        this.unanswered.set(id, draft);
        return false;
      }
      const lost = this.unanswered.get(id);
      this.unanswered.delete(id);
      if (outcome.kind !== 'stale') noteAnswered(id);
      if (outcome.kind === 'refused') {
        this.desk.refused(draft, outcome.status, outcome.errors);
        return true;
      }
      if (outcome.kind === 'saved') this.desk.saved(draft, outcome.version);
      else {
        const { theirs } = outcome;
        const arrived =
          [draft, lost].find((sent) => sent && sameContent(sent, theirs)) ??
          (wasSent(id, theirs) ? asTheyHaveIt(draft, theirs) : undefined);
        if (!arrived) {
          noteAnswered(id);
          this.desk.conflict(draft, theirs);
          return true;
        }
        noteAnswered(id);
        this.desk.saved(arrived, theirs.version);
      }
      if (this.desk.draft(id)) await this.pause();
    }
    return true;
  }
}

/** A draft as the server turned out to have taken it. */
const asTheyHaveIt = (draft: Draft, theirs: Theirs): Draft =>
  draft.kind === 'meal' && theirs.kind === 'meal'
    ? { ...draft, meal: theirs.meal }
    : draft.kind === 'item' && theirs.kind === 'item'
      ? { ...draft, item: theirs.item }
      : draft;
