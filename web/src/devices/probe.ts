/** Where a probe is put and when it is read. */
export interface ProbePlace {
  runId: string;
  itemIndex: number;
  stepId: string;
  /** Minutes into the step. */
  minute: number;
}

/** A thermometer in the pastry as the application sees one; null when it does not answer. */
export interface Probe {
  read(place: ProbePlace): Promise<number | null>;
}

/** The stand-in that ships with the server. Without the server it is silent, as a real one out of reach. */
export const probe: Probe = {
  async read(place) {
    try {
      const answer = await fetch('/api/probe/read', {
        method: 'POST',
        headers: { 'content-type': 'application/json' },
        body: JSON.stringify(place),
      });
      if (!answer.ok) return null;
      const { valueC } = (await answer.json()) as { valueC: number | null };
      return typeof valueC === 'number' && Number.isFinite(valueC) ? valueC : null;
    } catch {
      return null;
    }
  },
};
