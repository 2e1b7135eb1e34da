'use client';

import { useState } from 'react';

/** Takes a class out of the log, from which nothing is learnt then; till the page is left it can be put back here. */
export function TakeOut({ classId }: { classId: string }) {
  const [state, setState] = useState<'in' | 'out' | 'failed'>('in');
  const ask = async (method: 'DELETE' | 'POST', then: 'in' | 'out'): Promise<void> => {
    try {
      const answer = await fetch(`/api/classes/${classId}`, { method });
      setState(answer.ok ? then : 'failed');
    } catch {
      setState('failed');
    }
  };
  return (
    <span className="ml-3">
      {state === 'out' ? (
        <button type="button" className="press-plain" onClick={() => void ask('POST', 'in')}>
          Put it back into the log
        </button>
      ) : (
        <button type="button" className="press-plain" onClick={() => void ask('DELETE', 'out')}>
          Take it out of the log
        </button>
      )}
      <span role="status" className="small ml-2">
        {state === 'out' && 'It is out of the log; the next draft learns nothing from it.'}
        {state === 'failed' && 'The log could not be reached; nothing was changed.'}
      </span>
    </span>
  );
}
