import { codeDigits } from '@crustallum/core/contracts/device';
import { useState, type FormEvent } from 'react';
import { TextField } from '../design/ui/TextField';
import type { Shut } from './shut';
import './door.css';

const digitsIn = (text: string): string => text.replace(/\D/g, '').slice(0, codeDigits);

/** A screen of the house that is not let in yet: the six digits that stand on the kitchen's computer, pressed in here. */
export function Enter({ why }: { why: NonNullable<Shut> }) {
  const [code, setCode] = useState(() => digitsIn(location.hash));
  const [name, setName] = useState('This screen');
  const [said, setSaid] = useState('');
  const [asking, setAsking] = useState(false);
  const enter = async (e: FormEvent) => {
    e.preventDefault();
    setAsking(true);
    try {
      const answer = await fetch('/api/pairing/enter', {
        method: 'POST',
        headers: { 'content-type': 'application/json' },
        body: JSON.stringify({ code, name: name.trim() || 'A screen' }),
      });
      if (answer.ok) return location.replace('/');
      const { errors } = (await answer.json().catch(() => ({}))) as {
        errors?: { code: string; allowed?: { triesLeft?: number } }[];
      };
      const left = errors?.[0]?.allowed?.triesLeft;
      setSaid(
        answer.status === 429
          ? 'Too many tries: wait a minute.'
          : left !== undefined && left > 0
            ? `Not these. ${left === 1 ? 'One try is' : `${left} tries are`} left.`
            : 'These hold no more: ask for six new ones on the kitchen’s computer.',
      );
    } catch {
      setSaid('The kitchen’s computer does not answer.');
    } finally {
      setAsking(false);
    }
  };
  return (
    <main className="enter">
      <h1 className="sign">Let this screen in</h1>
      <p>
        {why === 'shut_out' ? 'It was taken back on the kitchen’s computer, and has forgotten what it kept. ' : ''}
        On the kitchen’s computer open Larder, kitchen, <strong>Let a tablet in</strong>, and press in its six digits.
      </p>
      <form onSubmit={(e) => void enter(e)}>
        <label htmlFor="digits">Six digits</label>
        <input
          id="digits"
          className="enter-digits"
          inputMode="numeric"
          autoComplete="one-time-code"
          maxLength={codeDigits + 1}
          value={code}
          onChange={(e) => setCode(digitsIn(e.target.value))}
        />
        <TextField label="What this screen is called" value={name} max={40} onChange={setName} />
        <p role="status" className="m-0">
          {said}
        </p>
        <button type="submit" className="press" disabled={asking || code.length !== codeDigits}>
          Let it in
        </button>
      </form>
    </main>
  );
}
