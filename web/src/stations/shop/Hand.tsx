import { useState } from 'react';

/** Copied where nothing takes it over: a clipboard is there only for pages that came over TLS or from this machine. */
async function pass(text: string): Promise<string> {
  if (navigator.share) {
    await navigator.share({ title: 'To buy', text });
    return '';
  }
  await navigator.clipboard.writeText(text);
  return 'Copied; paste it into a message.';
}

/** The list for somebody without Wexilla: handed on as words, on paper, as a table. */
export function Hand({ days }: { days: number }) {
  const [said, setSaid] = useState('');
  const hand = async () => {
    try {
      const answer = await fetch(`/api/shop/list.txt?days=${days}`);
      if (!answer.ok) {
        throw new Error();
      }
      setSaid(await pass(await answer.text()));
    } catch (left) {
      // whoever closes the sheet of the phone wanted nothing
      const closed = left instanceof DOMException && left.name === 'AbortError';
      setSaid(closed ? '' : 'It could not be handed on; open it as words and copy it from there.');
    }
  };
  return (
    <section className="mt-6" aria-label="Hand on the list">
      <div className="flex flex-wrap items-center gap-4">
        <button type="button" className="btn btn-outline" onClick={() => void hand()}>
          Send the list
        </button>
        <a className="underline" href={`/api/shop/list.txt?days=${days}`} target="_blank" rel="noreferrer">
          as words
        </a>
        <a className="underline" href={`/api/shop/list.pdf?days=${days}`} target="_blank" rel="noreferrer">
          on paper
        </a>
        <a className="underline" href={`/api/shop/list.csv?days=${days}`} download>
          as a table
        </a>
      </div>
      <p className="quiet" aria-live="polite">
        {said}
      </p>
    </section>
  );
}
