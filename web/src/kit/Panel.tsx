import { type ReactNode, useEffect, useRef } from 'react';

/** A panel over the station: focus stays in it, Escape closes it, the station waits behind. */
export function Panel({ title, close, children }: { title: string; close: () => void; children: ReactNode }) {
  const dialog = useRef<HTMLDialogElement>(null);
  useEffect(() => {
    const shown = dialog.current;
    if (shown && !shown.open) {
      shown.showModal();
    }
  }, []);
  return (
    <dialog ref={dialog} className="panel enamel" aria-label={title} onClose={close}>
      <header className="mb-3 flex items-start justify-between gap-4">
        <h2 className="text-2xl">{title}</h2>
        <button type="button" className="btn btn-ghost text-xl" aria-label="Close" onClick={close}>
          ×
        </button>
      </header>
      {children}
    </dialog>
  );
}
