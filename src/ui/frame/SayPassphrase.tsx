import { type SubmitEvent, useState } from 'react';
import { call, sentenceOf } from '../lib/api';

/** Takes the passphrase of a shared desk where its session has ended in the midst of work; what waits is then sent by itself. */
export function SayPassphrase() {
  const [problem, setProblem] = useState<string>();
  const [asking, setAsking] = useState(false);
  const say = async (event: SubmitEvent<HTMLFormElement>) => {
    event.preventDefault();
    const passphrase = new FormData(event.currentTarget).get('passphrase');
    setAsking(true);
    try {
      await call('/api/enter', { method: 'POST', json: { passphrase } });
      setProblem(undefined);
    } catch (error) {
      setProblem(sentenceOf(error));
    } finally {
      setAsking(false);
    }
  };
  return (
    <form onSubmit={(event) => void say(event)} className="mt-2 flex flex-wrap items-center gap-2">
      <label className="flex items-center gap-2">
        Passphrase
        <input
          type="password"
          name="passphrase"
          className="input input-sm w-56"
          autoComplete="current-password"
          required
        />
      </label>
      <button type="submit" className="btn btn-primary btn-sm" disabled={asking}>
        Enter
      </button>
      {problem && <span role="alert">{problem}</span>}
    </form>
  );
}
