import { App, Button } from 'antd';
import type { Aside } from '../../../../../core/session/findings/aside';
import { api } from '../../../../app/server/api';
import { useEdits } from '../../draft/useEdits';

/** What was set aside, with its reason and the way back. */
export function Asides({ asides }: { readonly asides: readonly Aside[] }) {
  const edit = useEdits();
  const { message } = App.useApp();
  const [letSpeakAgain] = api.useLetSpeakAgainMutation();
  if (asides.length === 0) return null;
  const bring = async ({ finding, rule }: Aside) => {
    if (!rule) edit([{ kind: 'mind', key: finding.key }]);
    else if ((await letSpeakAgain({ code: rule.code, movement: rule.movement })).error)
      message.error('The server does not answer, so it stays set aside.');
  };
  return (
    <details className="asides">
      <summary>{asides.length} set aside</summary>
      <ul>
        {asides.map((aside) => (
          <li key={aside.finding.key} className="noticed-aside">
            <p>{aside.finding.what}</p>
            <p className="faded">
              “{aside.reason}” {aside.rule && '(for good)'}{' '}
              <Button size="small" type="text" onClick={() => void bring(aside)}>
                Bring it back
              </Button>
            </p>
          </li>
        ))}
      </ul>
    </details>
  );
}
