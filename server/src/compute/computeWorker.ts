import { compute } from '@crustallum/core';
import { parentPort } from 'node:worker_threads';
import { ready, type Asked, type Computed } from './messages';

/** A thread of the pool: runs one model at a time and gives its answer back as text, so that no large object crosses. */
parentPort?.on('message', ({ model, input }: Asked) => {
  let said: Computed;
  try {
    const answer = compute(model, input);
    said = {
      ok: answer.ok,
      json: JSON.stringify(answer),
      unknownModel: !answer.ok && answer.errors[0]?.field === 'model',
    };
  } catch (error) {
    said = { fault: error instanceof Error ? (error.stack ?? error.message) : String(error) };
  }
  parentPort?.postMessage(said);
});
parentPort?.postMessage(ready);
