'use client';

import { useState, type SyntheticEvent } from 'react';
import { useRouter } from 'next/navigation';
import { useReady } from '@/ui/kit/useReady';

/** The code of a class, as it stands on the leader’s screen. */
export function CodeForm() {
  const ready = useReady();
  const router = useRouter();
  const [code, setCode] = useState('');
  const plain = code.replaceAll(/[^a-zA-Z0-9]/g, '');
  const follow = (event: SyntheticEvent): void => {
    event.preventDefault();
    router.push(`/follow/${plain.toLowerCase()}`);
  };
  return (
    <form className="mt-6" onSubmit={follow}>
      <label className="caption block" htmlFor="code">
        The code
      </label>
      <input
        id="code"
        className="field figures mt-1 max-w-[14rem] text-[1.44rem] tracking-[0.12em]"
        value={code}
        onChange={(event) => setCode(event.target.value)}
        autoComplete="off"
        autoCapitalize="none"
        spellCheck={false}
        maxLength={12}
        aria-describedby="code-hint"
      />
      <p id="code-hint" className="small quiet mt-1">
        Six letters and digits, on the screen of whoever leads.
      </p>
      <button type="submit" className="press press-main mt-4" disabled={!ready || plain.length !== 6}>
        Follow
      </button>
    </form>
  );
}
