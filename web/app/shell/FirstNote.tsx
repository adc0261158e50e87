import { Button } from 'antd';
import { useState } from 'react';
import { machineShelf } from '../machine/storage';

const KEPT = 'vesperum.first-note-read';

/** Said once on a machine: what the product is and what it is not. */
export function FirstNote() {
  const [read, setRead] = useState(() => machineShelf.find(KEPT) !== null);
  if (read) return null;
  const close = () => {
    machineShelf.keep(KEPT, 'yes');
    setRead(true);
  };
  return (
    <aside className="shell-first" aria-label="About Vesperum">
      <p>
        Vesperum plans, times and records exercise classes; its cautions are the usual ones of careful teaching. It does
        not diagnose or treat: follow your venue’s and first-aid rules, and send people with a condition to their own
        clinician first.
      </p>
      <Button onClick={close}>Understood</Button>
    </aside>
  );
}
