const swc = require('@swc/jest');

/**
 * The tests run in contexts of their own, where every look at a global goes through the host: `Math.exp` in a physics loop costs
 * five times what it does elsewhere. Each file takes the few globals its loops use once, as names of its own.
 */
const taken = ['Math', 'Number', 'Infinity', 'Array', 'Object', 'Float64Array', 'Uint8Array', 'Int32Array'];
const head = `"use strict";const ${taken.map((name) => `${name} = globalThis.${name}`).join(', ')};`;

module.exports = {
  createTransformer(options) {
    const transformer = swc.createTransformer(options);
    return {
      ...transformer,
      process(source, file, jest) {
        const made = transformer.process(source, file, jest);
        return { ...made, code: made.code.replace(/^"use strict";/, head) };
      },
      getCacheKey: (source, file, jest) => `${transformer.getCacheKey(source, file, jest)}-globals`,
    };
  },
};
