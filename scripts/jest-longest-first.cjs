const Sequencer = require('@jest/test-sequencer').default;

/** Shares that take longest, longest first: none is left to run alone at the end, and the journeys begin beside the shortest. */
const order = ['core 2', 'core 1', 'web 3', 'web 2', 'web 1', 'core 3', 'server 1'];

module.exports = class LongestFirst extends Sequencer {
  sort(tests) {
    const place = ({ context }) => {
      const at = order.indexOf(context.config.displayName?.name);
      return at < 0 ? order.length : at;
    };
    return [...tests].sort((a, b) => place(a) - place(b));
  }
};
