/** One share of a whole run (see jest-shares.mjs): its files one after the other, each leaving the page as it found it. */
for (const file of globalThis.unitFiles) {
  describe(file, () => {
    afterAll(() => {
      jest.useRealTimers();
      jest.restoreAllMocks();
      if (typeof document === 'undefined') return;
      document.head.replaceChildren();
      document.body.replaceChildren();
      localStorage.clear();
      sessionStorage.clear();
      history.replaceState(null, '', '/');
    });
    require(file);
  });
}
