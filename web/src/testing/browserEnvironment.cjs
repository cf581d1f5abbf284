const { TestEnvironment } = require('jest-environment-jsdom');

/** jsdom with what the router and RTK Query need from Node. */
module.exports = class BrowserEnvironment extends TestEnvironment {
  async setup() {
    await super.setup();
    for (const name of [
      'TextEncoder',
      'TextDecoder',
      'structuredClone',
      'ReadableStream',
      'TransformStream',
      'WritableStream',
      'fetch',
      'Request',
      'Response',
      'Headers',
      'BroadcastChannel',
      'AbortController',
      'AbortSignal',
    ]) {
      this.global[name] = globalThis[name];
    }
  }
};
