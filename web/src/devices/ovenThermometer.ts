/** A thermometer in the oven as the application sees one; null when it does not answer. */
export interface OvenThermometer {
  read(asked: { setC: number; sinceOnMin: number }): Promise<number | null>;
}

/** The stand-in that ships with the server. Without the server it is silent, as a real one out of reach. */
export const ovenThermometer: OvenThermometer = {
  async read(asked) {
    try {
      const answer = await fetch('/api/oven-thermometer/read', {
        method: 'POST',
        headers: { 'content-type': 'application/json' },
        body: JSON.stringify(asked),
      });
      if (!answer.ok) return null;
      const { valueC } = (await answer.json()) as { valueC: number | null };
      return typeof valueC === 'number' && Number.isFinite(valueC) ? valueC : null;
    } catch {
      return null;
    }
  },
};
