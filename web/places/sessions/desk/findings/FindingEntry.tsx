import { Button } from 'antd';
import { useState } from 'react';
import type { Finding, FindingCode } from '../../../../../core/session/findings/finding/finding';
import { useAppDispatch } from '../../../../app/store';
import { type Drawer, drawerOpened } from '../../draft/hand';
import { focusLine } from '../../selection/lineFocus';
import type { NoticedProps } from './noticedProps';
import { Remedies } from './Remedies';
import { SetAsideForm } from './SetAsideForm';

const SEVERITY_WORDS = { stop: 'Stop', warn: 'Mind', notice: 'Note' } as const;

/** What is better mended by a whole part that is proposed. */
const PROPOSED: Partial<Record<FindingCode, { readonly drawer: Drawer; readonly label: string }>> = {
  'cool-down-short': { drawer: 'cool-down', label: 'Propose a cool-down' },
  'cool-down-low': { drawer: 'cool-down', label: 'Propose a cool-down' },
  'ends-moving': { drawer: 'cool-down', label: 'Propose a cool-down' },
  'not-ready': { drawer: 'warm-up', label: 'Propose a warm-up' },
};

function Proposes({ code }: { readonly code: FindingCode }) {
  const dispatch = useAppDispatch();
  const proposed = PROPOSED[code];
  return (
    proposed && (
      <Button size="small" type="link" onClick={() => dispatch(drawerOpened(proposed.drawer))}>
        {proposed.label} …
      </Button>
    )
  );
}

/** One thing that was noticed: what, why, what would mend it, and a way to set it aside. */
export function FindingEntry({
  finding,
  isPlaced,
  ...of
}: Omit<NoticedProps, 'findings'> & {
  readonly finding: Finding;
  /** Whether its words lead to its line. */
  readonly isPlaced: boolean;
}) {
  const [isOpen, setIsOpen] = useState(false);
  const { code, severity, itemId, what, why, borderline } = finding;
  return (
    <li className={`noticed-${severity}`} data-finding={code}>
      <p>
        <span className="noticed-severity">{SEVERITY_WORDS[severity]}</span>{' '}
        {isPlaced && itemId !== null ? (
          <button type="button" className="bare" onClick={() => focusLine(itemId)}>
            {what}
          </button>
        ) : (
          what
        )}
      </p>
      <details onToggle={({ currentTarget }) => setIsOpen(currentTarget.open)}>
        <summary>why, and what to do</summary>
        {isOpen && (
          <>
            {why.map((reason) => (
              <p key={reason}>{reason}</p>
            ))}
            {borderline && <p>Borderline: it hangs on a convention, and would pass if that were a fifth kinder.</p>}
            <Remedies finding={finding} {...of} />
            <Proposes code={code} />
            <SetAsideForm finding={finding} session={of.session} />
          </>
        )}
      </details>
    </li>
  );
}
