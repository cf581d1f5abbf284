import { createInterface } from 'node:readline';
import { compute, models } from '../models';
import type { Answer } from '../quantities/model';

const usage = `Usage: npm run compute -- <model> ['{"json": "input"}']   (without the JSON it is read from standard input)
       npm run compute -- --list                            names, units and sources of every model
       npm run compute -- --batch                           one {"model": …, "input": …} a line, one answer a line`;

function parsed(text: string): Answer {
  try {
    return { ok: true, value: JSON.parse(text) as unknown };
  } catch {
    return { ok: false, errors: [{ field: '', code: 'not_json', value: text.slice(0, 80) }] };
  }
}

/** Runs a model on input written as JSON; what is no JSON is refused like any other bad input. */
export function computeText(model: string, text: string): Answer {
  const input = parsed(text);
  return input.ok ? compute(model, input.value) : input;
}

/** One line of a batch, `{"model": …, "input": …}`, answered on one line. */
export function computeLine(line: string): string {
  const call = parsed(line);
  if (!call.ok) return JSON.stringify(call);
  const { model = '', input } = (typeof call.value === 'object' && call.value !== null ? call.value : {}) as {
    model?: unknown;
    input?: unknown;
  };
  return JSON.stringify(compute(String(model), input));
}

/** Every model by name, with what it computes, its units, how sure it is and its source. */
export const listing = (): string =>
  [...models.values()].map((m) => `${m.name}\n    ${m.summary}. ${m.units}. ${m.certainty}: ${m.source}`).join('\n');

async function standardInput(): Promise<string> {
  let text = '';
  for await (const chunk of process.stdin) text += String(chunk);
  return text;
}

async function main(): Promise<void> {
  const [first, inline] = process.argv.slice(2);
  if (first === '--list') {
    console.log(listing());
    return;
  }
  if (first === '--batch') {
    for await (const line of createInterface({ input: process.stdin })) if (line.trim()) console.log(computeLine(line));
    return;
  }
  if (!first || first === '--help') {
    console.log(usage);
    process.exitCode = first ? 0 : 2;
    return;
  }
  const answer = computeText(first, inline ?? (await standardInput()));
  console.log(JSON.stringify(answer, null, 2));
  if (!answer.ok) process.exitCode = 1;
}

if (require.main === module) void main();
