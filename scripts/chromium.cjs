const { existsSync } = require('node:fs');

/** Debian's Chromium: without its windows where that is there (the same engine, lighter to start and to draw with), else the whole. */
const packages = ['chromium-headless-shell', 'chromium'];
const pathOf = (name) => `/usr/bin/${name}`;

/** The Chromium there is; null where there is none. `CHROMIUM_PATH` names another. */
const chromium = () => process.env.CHROMIUM_PATH ?? packages.map(pathOf).find((path) => existsSync(path)) ?? null;

module.exports = { chromium, packages };
