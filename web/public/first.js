/*
 * Runs before the application: shows this address as it last stood on this device, marked and not to be pressed, until the
 * application has drawn it itself. What it reads is written by src/shell/keptPicture.ts.
 */
(() => {
  try {
    const kept = JSON.parse(localStorage.getItem(`crustallum.picture:${location.pathname}`));
    const style = document.querySelector('link[rel=stylesheet]')?.getAttribute('href');
    const here = `${innerWidth}x${innerHeight}`;
    if (!kept || kept.style !== style || kept.room !== here || Date.now() - kept.at > kept.keepMs) return;
    const root = document.getElementById('root');
    root.inert = true;
    root.setAttribute('aria-busy', 'true');
    root.innerHTML = kept.html;
    if (kept.light) document.documentElement.dataset.light = kept.light;
    // an application that does not come leaves no old page standing for a new one
    setTimeout(() => {
      if (!root.inert) return;
      root.inert = false;
      root.innerHTML = '';
    }, 8000);
  } catch {
    // without it the page opens a moment later
  }
})();
