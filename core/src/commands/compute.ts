import { createInterface } from 'node:readline';
import { compute, models } from '../models';

const usage = `Usage: npm run compute -- <model> ['{"json": "input"}']   (without the JSON it is read from standard input)
       npm run compute -- --list                            names, units and sources of every model
       npm run compute -- --batch                           one {"model": …, "input": …} a line, one answer a line`;

async function standardInput(): Promise<string> {
  let text = '';
  for await (const chunk of process.stdin) text += String(chunk);
  return text;
}

function parsed(text: string): { ok: true; json: unknown } | { ok: false; answer: unknown } {
  try {
    return { ok: true, json: JSON.parse(text) as unknown };
  } catch {
    return { ok: false, answer: { ok: false, errors: [{ field: '', code: 'not_json', value: text.slice(0, 80) }] } };
  }
}

async function main(): Promise<void> {
  const [first, inline] = process.argv.slice(2);
  if (first === '--list') {
    for (const m of models.values())
      console.log(`${m.name}\n    ${m.summary}. ${m.units}. ${m.certainty}: ${m.source}`);
    return;
  }
  if (first === '--batch') {
    for await (const line of createInterface({ input: process.stdin })) {
      if (!line.trim()) continue;
      const call = parsed(line);
      const { model = '', input } =
        call.ok && typeof call.json === 'object' && call.json !== null
          ? (call.json as { model?: string; input?: unknown })
          : {};
      console.log(JSON.stringify(call.ok ? compute(model, input) : call.answer));
    }
    return;
  }
  if (!first || first === '--help') {
    console.log(usage);
    process.exitCode = first ? 0 : 2;
    return;
  }
  const call = parsed(inline ?? (await standardInput()));
  const answer = call.ok ? compute(first, call.json) : call.answer;
  console.log(JSON.stringify(answer, null, 2));
  if (!(answer as { ok: boolean }).ok) process.exitCode = 1;
}

void main();
